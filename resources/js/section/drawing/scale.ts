import { type SectionView } from '../types';

export const LEFT = 64;
export const WIDTH = 900;
/** Room beside the sump for the word on the power cut. */
const RIGHT = 156;
/** Height of the sump on the drawing at the most. */
const TALL = 215;
/** The same where one chamber is looked at closely. */
const CLOSE = 300;
/** What is seen of its neighbours beside a chamber that is looked at closely, mm. */
const AROUND = 30;

/** A display is drawn so deep while its depth is not known, mm. */
const DEPTH = 250;

/** How far the drawing goes on before the chambers: a display with its wall, mm. */
export function frontMm({ front }: Pick<SectionView, 'front'>): number {
    return front === null ? 0 : (front.depthMm ?? DEPTH) + front.thicknessMm;
}

/** Where millimetres of the sump fall on the drawing; both views share it along the sump. */
export interface Scale {
    perMm: number;
    x: (mm: number) => number;
    /** Left end and length of a stretch, whichever way the water runs. */
    span: (fromMm: number, toMm: number) => { x: number; width: number };
}

/** @param zoom a chamber that fills the drawing; null for the whole sump */
export function scaleOf(view: SectionView, toTheLeft: boolean, zoom: number | null = null): Scale {
    const chamber = zoom === null ? undefined : view.chambers[zoom];
    const [from, to] =
        chamber === undefined
            ? [-frontMm(view), view.lengthMm]
            : [Math.max(-frontMm(view), chamber.fromMm - AROUND), Math.min(view.lengthMm, chamber.toMm + AROUND)];
    const perMm = Math.min(
        (WIDTH - LEFT - RIGHT) / (to - from + 2 * view.wallMm),
        (chamber === undefined ? TALL : CLOSE) / tallestMm(view, zoom),
    );
    const start = toTheLeft ? view.lengthMm - to : from;
    const x = (mm: number) => LEFT + ((toTheLeft ? view.lengthMm - mm : mm) - start) * perMm;
    return {
        perMm,
        x,
        span: (fromMm, toMm) => ({ x: Math.min(x(fromMm), x(toMm)), width: Math.abs(x(toMm) - x(fromMm)) }),
    };
}

/** The highest part of the drawing: what stands out over the rim, such as the cup of a skimmer, is shown too. */
export function tallestMm(view: SectionView, zoom: number | null = null): number {
    const chamber = zoom === null ? undefined : view.chambers[zoom];
    const isShown = (fromMm: number) =>
        chamber === undefined || (fromMm >= chamber.fromMm - 0.5 && fromMm < chamber.toMm);
    return Math.max(
        view.heightMm,
        view.front?.lidMm ?? 0,
        ...view.placed
            .filter(({ place }) => isShown(place?.atMm ?? 0))
            .map((device) => device.standMm + device.heightMm),
        ...view.trays
            .filter(({ fromMm }) => isShown(fromMm))
            .flatMap((tray) => tray.openings.map((opening) => tray.topMm + opening.standsMm)),
    );
}
