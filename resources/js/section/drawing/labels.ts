/** A word on a drawing: where it would best stand, and where else it may. */
export interface Label {
    key: string;
    text: string;
    x: number;
    y: number;
    anchor: 'start' | 'middle' | 'end';
    colour?: string;
    /** Ways to other places, from the best one, in the order in which they are tried. */
    elsewhere?: [number, number][];
    /** Whether it is left out where it has no place; any other goes on down until it has one. */
    optional?: boolean;
}

export interface LabelBox {
    left: number;
    right: number;
    top: number;
    bottom: number;
}

/** Width of a letter and height of a line in the drawing's units; the figures are of one width. */
export const LETTER = 7.3;
export const LINE = 13;

export function boxOf({ text, x, y, anchor }: Pick<Label, 'text' | 'x' | 'y' | 'anchor'>): LabelBox {
    const width = text.length * LETTER + 2;
    const left = anchor === 'start' ? x - 1 : anchor === 'end' ? x - width + 1 : x - width / 2;
    return { left, right: left + width, top: y - LINE + 3, bottom: y + 3 };
}

export function overlap(a: LabelBox, b: LabelBox): boolean {
    return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

/** Every label where it covers no other and no line; those that come first have the first choice. */
export function settle(labels: Label[], lines: LabelBox[] = []): Label[] {
    const taken: LabelBox[] = [];
    const settled: Label[] = [];
    for (const label of labels) {
        const tries: [number, number][] = [[0, 0], ...(label.elsewhere ?? [])];
        if (label.optional !== true) {
            for (let step = 1; step < 60; step++) {
                tries.push([0, step * LINE]);
            }
        }
        const isFree = (at: Label, withLines: boolean) => {
            const box = boxOf(at);
            return !taken.some((one) => overlap(one, box)) && !(withLines && lines.some((line) => overlap(line, box)));
        };
        const places = tries.map(([dx, dy]) => ({ ...label, x: label.x + dx, y: label.y + dy }));
        // A line under a word is better than no word; another word under it never is.
        const place =
            places.find((at) => isFree(at, true)) ??
            (label.optional === true ? undefined : places.find((at) => isFree(at, false)));
        if (place !== undefined) {
            taken.push(boxOf(place));
            settled.push(place);
        }
    }
    return settled;
}
