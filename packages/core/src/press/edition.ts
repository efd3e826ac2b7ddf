/**
 * Raised whenever the same question has another answer than before, be it by a law, a constant or a rule: what was kept of older answers, such as
 * evidence, charts and what presses answered, is then worked out anew.
 */
export const MODEL_EDITION = 7
