/** The ids of a JSON list, as SQL for what stands after IN: any number of them, none too. `name` is that of the replacement. */
export const among = (name: string): string => `(SELECT value::uuid FROM json_array_elements_text(:${name}))`
