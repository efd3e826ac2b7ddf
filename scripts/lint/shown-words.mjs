// What is shown or said aloud stands in text/<language>; units and the letters of formats are the same in all of them.
/** Two letters and more that are no unit, nor what a format goes by. */
const WORD = /\b(?!(?:mm|cm|in|lb|min|N|MPa|CSV|JSON|PDF|SVG|DXF)\b)[A-Za-zÀ-ž]{2,}/
const SAID = /^(aria-label|aria-description|title|placeholder|alt|label|hint)$/

const rule = {
  create(context) {
    const look = (node, text) => {
      if (typeof text === 'string' && WORD.test(text))
        context.report({ node, message: 'A word that is shown belongs in text/<language>.' })
    }
    /** Shown as it stands, or by one of two branches. */
    const lookInto = (node) => {
      if (node.type === 'Literal') look(node, node.value)
      else if (node.type === 'TemplateLiteral') for (const part of node.quasis) look(node, part.value.raw)
      else if (node.type === 'ConditionalExpression') [node.consequent, node.alternate].forEach(lookInto)
      else if (node.type === 'LogicalExpression') lookInto(node.right)
    }
    return {
      JSXText: (node) => look(node, node.value),
      JSXAttribute: (node) => {
        if (SAID.test(node.name.name) && node.value?.type === 'Literal') look(node.value, node.value.value)
      },
      JSXElement: (node) => {
        for (const child of node.children) if (child.type === 'JSXExpressionContainer') lookInto(child.expression)
      },
    }
  },
}

export default { meta: { name: 'heron' }, rules: { 'shown-words': rule } }
