import { type DrawnFront, type SectionView, type StateName } from '../types';
import { LETTER, type Label, type LabelBox, settle } from './labels';
import { type Scale, frontMm } from './scale';

interface Sheet {
    view: SectionView;
    state: StateName;
    scale: Scale;
    y: (mm: number) => number;
    /** Length in the keeper's units. */
    mm: (value: number) => string;
    litres: (value: number) => string;
    /** What else is drawn where no word should be, such as the pins of findings. */
    marks?: LabelBox[];
}

/** Rows of the foot below the floor. */
const LENGTHS = 32;
const NAMES = 48;
const LITRES = 63;

/** What the drawing from the front says in words and figures, each where it can be read. */
export function elevationLabels({ view, state, scale, y, mm, litres, marks = [] }: Sheet): Label[] {
    const { span } = scale;
    const floor = y(0);
    const { levels, chamberLitres } = view.states[state];
    const labels: Label[] = [];
    const aside = [24, -24, 44, -44, 66, -66];
    for (const baffle of view.baffles) {
        const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
        labels.push({
            key: `top ${baffle.id}`,
            text: mm(baffle.topMm),
            x: at.x + at.width / 2,
            y: y(baffle.edgeMm) - 6,
            anchor: 'middle',
            elsewhere: [...aside.map((dx): [number, number] => [dx, 0]), [0, -15], [0, -30], [0, -45]],
        });
    }
    if (view.front !== null) {
        labels.push(...frontLabels(view, view.front, view.states[state].displayMm, scale, y, mm));
    }
    for (const tray of view.trays) {
        const at = span(tray.fromMm, tray.toMm);
        labels.push({
            key: `tray ${tray.id}`,
            text: mm(tray.topMm),
            x: at.x + at.width - 6,
            y: y(tray.topMm) - 5,
            anchor: 'end',
            elsewhere: [
                [0, 24],
                [-at.width / 2, 0],
                [-at.width / 2, 24],
                [0, -15],
                [0, 38],
            ],
        });
    }
    for (const tray of view.trays) {
        // Equal ones hang one behind the other and share a word.
        for (const short of new Set(tray.openings.map((opening) => opening.short))) {
            const equal = tray.openings.filter((opening) => opening.short === short);
            const opening = equal[0];
            if (opening === undefined) {
                continue;
            }
            const at = span(opening.atMm, opening.atMm + opening.lengthMm);
            const middle = y(tray.topMm - Math.max(tray.thicknessMm, opening.hangsMm / 2));
            const over = y(tray.topMm + opening.standsMm) - 14 - middle;
            labels.push({
                key: `opening ${tray.id} ${short}`,
                text: equal.length > 1 ? `${equal.length} × ${short}` : short,
                x: at.x + at.width / 2,
                y: middle + 4,
                anchor: 'middle',
                optional: true,
                elsewhere: [
                    [0, 18],
                    [0, 34],
                    [0, over],
                    [30, over],
                    [50, over],
                    [-30, over],
                    [30, over - 16],
                ],
            });
        }
    }
    for (const device of view.placed) {
        if (device.place !== null) {
            const at = span(device.place.atMm, device.place.atMm + device.place.lengthMm);
            labels.push({
                key: `device ${device.id}`,
                text: device.name,
                x: at.x + at.width / 2,
                y: y(device.standMm + device.heightMm / 2) + 4,
                anchor: 'middle',
                elsewhere: [
                    [0, -16],
                    [0, 16],
                    [0, -32],
                    [0, 32],
                    [0, -48],
                    [0, 48],
                ],
            });
        }
    }
    view.chambers.forEach((chamber, i) => {
        const at = span(chamber.fromMm, chamber.toMm);
        const middle = at.x + at.width / 2;
        const long = mm(chamber.toMm - chamber.fromMm);
        const name = `${i + 1}${chamber.name === '' ? '' : ` ${chamber.name}`}`;
        const fits = name.length * LETTER <= at.width + 6;
        labels.push(
            {
                key: `length ${i}`,
                text: long,
                x: middle,
                y: floor + LENGTHS,
                anchor: 'middle',
                elsewhere: [
                    [0, 47],
                    [0, 62],
                ],
            },
            {
                key: `name ${i}`,
                // A narrow chamber goes by its number, and by the name it shares with its neighbour below.
                text: fits ? name : String(i + 1),
                x: middle,
                y: floor + NAMES,
                anchor: 'middle',
            },
        );
        const next = view.chambers[i + 1];
        if (!fits && chamber.name !== '' && next?.name === chamber.name) {
            const both = span(chamber.fromMm, next.toMm);
            labels.push({
                key: `name of ${i}`,
                text: chamber.name,
                x: both.x + both.width / 2,
                y: floor + LITRES,
                anchor: 'middle',
            });
        }
    });
    view.chambers.forEach((chamber, i) => {
        const at = span(chamber.fromMm, chamber.toMm);
        const level = Math.min(Math.max(0, levels[i] ?? 0), view.heightMm);
        const says = mm(levels[i] ?? 0);
        if (says.length * LETTER < at.width) {
            labels.push({
                key: `level ${i}`,
                text: says,
                x: at.x + 4,
                y: y(level) + 14,
                anchor: 'start',
                colour: 'quiet',
                optional: true,
                elsewhere: [
                    [Math.max(0, at.width - says.length * LETTER - 10), 0],
                    [0, -18],
                    [Math.max(0, at.width - says.length * LETTER - 10), -18],
                    [at.width / 2 - (says.length * LETTER) / 2, 0],
                ],
            });
        }
        const volume = litres(chamberLitres[i] ?? 0);
        if (volume.length * LETTER < at.width + 8) {
            labels.push({
                key: `litres ${i}`,
                text: volume,
                x: at.x + at.width / 2,
                y: floor + LITRES,
                anchor: 'middle',
                colour: 'quiet',
                optional: true,
            });
        }
    });
    return settle(labels, [...linesOf(view, state, scale, y), ...marks]);
}

/** What is said of the display before its chambers. */
function frontLabels(
    view: SectionView,
    front: DrawnFront,
    levelMm: number | null,
    { span }: Scale,
    y: (mm: number) => number,
    mm: (value: number) => string,
): Label[] {
    const water = span(-frontMm(view), -front.thicknessMm);
    const wall = span(-front.thicknessMm, 0);
    const middle = water.x + water.width / 2;
    return [
        {
            key: 'display',
            text: front.depthMm === null ? 'display, depth not known' : 'display',
            x: middle,
            y: y(0) + NAMES,
            anchor: 'middle',
        },
        ...(front.depthMm === null
            ? []
            : [
                  {
                      key: 'display depth',
                      text: mm(front.depthMm),
                      x: middle,
                      y: y(0) + LENGTHS,
                      anchor: 'middle' as const,
                  },
              ]),
        {
            key: 'display level',
            text: levelMm === null ? 'level not known' : mm(levelMm),
            x: middle,
            y: y(Math.min(levelMm ?? front.crestMm, view.heightMm)) + 16,
            anchor: 'middle',
            colour: 'quiet',
        },
        {
            key: 'slots',
            text: `slots ${mm(front.crestMm)}`,
            x: wall.x - 6,
            y: y(front.crestMm) + 40,
            anchor: 'end',
            elsewhere: [
                [0, 20],
                [0, 40],
                [0, 60],
            ],
        },
        ...(front.nozzleMm === null
            ? []
            : [
                  {
                      key: 'nozzle',
                      text: `return ${mm(front.nozzleMm)}`,
                      x: water.x + 6,
                      y: y(front.nozzleMm) + 26,
                      anchor: 'start' as const,
                      elsewhere: [
                          [0, 20],
                          [0, 40],
                          [0, 60],
                          [0, 80],
                      ] as [number, number][],
                  },
              ]),
        ...(front.lidMm === null
            ? []
            : [
                  {
                      key: 'lid',
                      text: `lid ${mm(front.lidMm)}`,
                      x: water.x + 8,
                      y: y(Math.max(front.lidMm, view.heightMm)) - 5,
                      anchor: 'start' as const,
                      elsewhere: [[60, 0]] as [number, number][],
                  },
              ]),
    ];
}

/** Edges that would run through a word: baffles, trays and the surface of the water. */
function linesOf(view: SectionView, state: StateName, { span }: Scale, y: (mm: number) => number): LabelBox[] {
    const upright = view.baffles.map((baffle) => {
        const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
        return { left: at.x, right: at.x + Math.max(3, at.width), top: y(baffle.edgeMm), bottom: y(baffle.gapMm) };
    });
    const trays = view.trays.map((tray) => {
        const at = span(tray.fromMm, tray.toMm);
        return {
            left: at.x,
            right: at.x + at.width,
            top: y(tray.topMm),
            bottom: Math.max(y(tray.topMm) + 3, y(tray.topMm - tray.thicknessMm)),
        };
    });
    const surfaces = view.chambers.map((chamber, i) => {
        const at = span(chamber.fromMm, chamber.toMm);
        const level = y(Math.min(Math.max(0, view.states[state].levels[i] ?? 0), view.heightMm));
        return { left: at.x, right: at.x + at.width, top: level - 1, bottom: level + 1 };
    });
    const rim = y(view.heightMm);
    const box = span(-frontMm(view), view.lengthMm);
    const walls = [box.x - 4, box.x + box.width].map((left) => ({ left, right: left + 4, top: rim, bottom: y(0) }));
    const chamber = view.chambers[view.basket?.chamber ?? -1];
    const basket: LabelBox[] = [];
    if (view.front !== null && view.basket !== null && chamber !== undefined) {
        const middle = (chamber.fromMm + chamber.toMm) / 2;
        const half = view.basket.outerLengthMm / 2;
        const at = span(middle - half, middle + half);
        const flat = (mm: number) => ({
            left: at.x,
            right: at.x + at.width,
            top: y((view.basket?.standMm ?? 0) + mm) - 1,
            bottom: y((view.basket?.standMm ?? 0) + mm) + 1,
        });
        basket.push(flat(view.basket.heightMm), flat(view.basket.frontMm));
    }
    const lidAt = view.front?.lidMm ?? null;
    const lid =
        lidAt === null ? [] : [{ left: box.x, right: box.x + box.width, top: y(lidAt) - 1, bottom: y(lidAt) + 1 }];
    const own = view.front === null ? [] : [span(-view.front.thicknessMm, 0)];
    const rear = own.map((at) => ({ left: at.x, right: at.x + Math.max(3, at.width), top: rim, bottom: y(0) }));
    return [...upright, ...trays, ...surfaces, ...walls, ...rear, ...basket, ...lid];
}
