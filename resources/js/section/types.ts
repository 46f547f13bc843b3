import { type Basis, type Finding } from '../lib/page';

export type StateName = 'running' | 'powerCut' | 'emptied';

/** A sump as its keeper types it: every figure is text, a bare length in mm or inches. */
export interface TypedSection {
    lengthMm: string;
    widthMm: string;
    heightMm: string;
    wallMm: string;
    returnLevelMm: string;
    pumpMinimumMm: string;
    fallMm: string;
    boxLitres: string;
    evaporationLitresADay: string;
    reservoirLitres: string;
    cabinetMm: string;
    toTheLeft: boolean;
    material: string;
    braced: boolean;
    baffles: TypedBaffle[];
    placed: TypedPlaced[];
    plumbing: TypedPlumbing;
}

export interface TypedBaffle {
    id: string;
    kind: string;
    atMm: string;
    thicknessMm: string;
    topMm: string;
    gapMm?: string;
    openShare?: string;
}

export interface TypedPlaced {
    id: string;
    kind: string;
    name: string;
    chamber: number;
    lengthMm: string;
    widthMm: string;
    heightMm: string;
    standMm: string;
    depthLowMm?: string;
    depthHighMm?: string;
}

export interface TypedPlumbing {
    pumpLitresPerHour?: string;
    pumpHeadMetres?: string;
    pumpWatts?: string;
    liftMm?: string;
    boreMm?: string;
    lengthMm?: string;
    drainBoreMm?: string;
    drainLengthMm?: string;
    drainFallMm?: string;
    fittings: Record<string, string>;
    drainFittings: Record<string, string>;
}

export interface DrawnBaffle {
    id: string;
    kind: string;
    label: string;
    atMm: number;
    thicknessMm: number;
    topMm: number;
    gapMm: number;
}

export interface DrawnPlaced {
    id: string;
    kind: string;
    name: string;
    chamber: number;
    lengthMm: number;
    widthMm: number;
    heightMm: number;
    standMm: number;
    depthLowMm?: number;
    depthHighMm?: number;
}

/** What the core makes of a sump, in mm and litres. */
export interface SectionView {
    lengthMm: number;
    widthMm: number;
    heightMm: number;
    wallMm: number;
    chambers: { fromMm: number; toMm: number }[];
    baffles: DrawnBaffle[];
    placed: DrawnPlaced[];
    states: Record<StateName, { levels: number[]; chamberLitres: number[]; litres: number }>;
    findings: Finding[];
    /** Parts to begin with, as typed: baffles that stand together, and devices. */
    proposals: { baffles: Record<string, TypedBaffle[]>; devices: Record<string, TypedPlaced> };
    cuts: {
        id: string;
        label: string;
        widthMm: number;
        heightMm: number;
        thicknessMm: number;
        note: string;
        insideMm: number;
        outsideMm: number;
    }[];
    water: {
        roomLitres: number;
        drainDownLitres: number;
        marginLitres: number;
        marginMm: number;
        givesUpLitres: number;
        daysToGulp: number | null;
        reservoirDays: number | null;
    };
    flow: {
        litresPerHour: number;
        isReckoned: boolean;
        headMetres: number | null;
        lossMetres: number | null;
        speed: number | null;
        drainLitresPerHour: number | null;
        kilowattHoursAYear: number | null;
        turnover: Finding | null;
    };
}

export interface SectionAnswer {
    view: SectionView | null;
    problems: Record<string, string>;
}

export interface Choices {
    /** What a bare length means, and how many mm it is. */
    length: { unit: string; factor: number };
    kinds: [string, string, string][];
    siliconeGap: Basis;
    fittings: [string, string][];
}
