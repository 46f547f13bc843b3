/** Colour and dash of each arm, so that colour is never alone. */
export const STROKES = [
    ['quiet', ''],
    ['kelp', '6 3'],
    ['deep', '2 3'],
    ['ink', '8 3 2 3'],
] as const;
