/** Changes of the chance, of the effort and of how deep the blade goes (mm) below these nobody would act on. From memory. */
export const GAIN_WORTH_A_WORD = { chance: 0.03, effort: 0.05, depthMm: 0.05 } as const
