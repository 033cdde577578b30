/** Bath water is passed over without a word between these. Common practice. */
export const BATH_PH = { low: 5.5, high: 8.5 } as const;

/** Under the lower stone, aluminum and enamel suffer; over the higher hands want gloves. Common practice. */
export const SURFACE_PH = { low: 5, high: 10.5 } as const;
