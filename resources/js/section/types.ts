import { type Basis, type Finding } from '../lib/page';

export type StateName = 'running' | 'powerCut' | 'emptied';

/** A sump as its keeper types it: every figure is text, a bare length in mm or inches. */
export interface TypedSection {
    lengthMm: string;
    widthMm: string;
    heightMm: string;
    wallMm: string;
    bottomMm: string;
    returnLevelMm: string;
    pumpMinimumMm: string;
    fallMm: string;
    boxLitres: string;
    evaporationLitresADay: string;
    reservoirLitres: string;
    cabinetMm: string;
    cabinetLengthMm?: string;
    cabinetWidthMm?: string;
    toTheLeft: boolean;
    material: string;
    braced: boolean;
    bottomOnEdges: boolean;
    baffles: TypedBaffle[];
    placed: TypedPlaced[];
    trays: TypedTray[];
    tanks: TypedTank[];
    /** The wall before chambers that are behind the display; a sump has none. */
    rear?: TypedRear;
    plumbing: TypedPlumbing;
    workshop: TypedWorkshop;
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
    item?: string;
}

export interface TypedTray {
    id: string;
    kind: string;
    chamber: number;
    topMm: string;
    thicknessMm: string;
    openings?: TypedOpening[];
}

export interface TypedOpening {
    id: string;
    kind: string;
    lengthMm: string;
    widthMm?: string;
    standsMm?: string;
    hangsMm?: string;
}

/** A further tank on the sump, by its line on the path. */
export interface TypedTank {
    line: string;
    lengthMm?: string;
    widthMm?: string;
    fallMm?: string;
    boxLitres?: string;
    overflowMm?: string;
    drainBoreMm?: string;
    drainLengthMm?: string;
    drainFallMm?: string;
    drainFittings: Record<string, string>;
    boreMm?: string;
    pipeLengthMm?: string;
}

export type PipeKey = 'fittings' | 'drainFittings' | 'emergencyFittings';

export interface TypedPlumbing {
    pumpLitresPerHour?: string;
    pumpHeadMetres?: string;
    pumpWatts?: string;
    liftMm?: string;
    boreMm?: string;
    lengthMm?: string;
    valveOpen?: string;
    drainBoreMm?: string;
    drainLengthMm?: string;
    drainFallMm?: string;
    drainValveOpen?: string;
    emergencyBoreMm?: string;
    emergencyLengthMm?: string;
    emergencyFallMm?: string;
    overflowMm?: string;
    overflowOpenShare?: string;
    fittings: Record<string, string>;
    drainFittings: Record<string, string>;
    emergencyFittings: Record<string, string>;
    systems: Record<string, string>;
    curve: TypedPoint[];
}

export interface TypedPoint {
    litresPerHour: string;
    headMetres: string;
}

export interface TypedPad {
    id: string;
    name: string;
    lengthMm: string;
    widthMm: string;
    count: string;
}

export type TypedRear = Record<
    'crestMm' | 'slotTopMm' | 'slotsMm' | 'openShare' | 'thicknessMm' | 'nozzleMm' | 'lidMm',
    string
>;

export interface TypedBasket extends Record<
    'lengthMm' | 'widthMm' | 'heightMm' | 'clearanceMm' | 'thicknessMm' | 'shelves' | 'inletMm',
    string
> {
    use?: TypedBasketUse;
}

/** Where a basket stands, and what lies on its shelves, of which the first is the one at the top. */
export interface TypedBasketUse {
    chamber: number;
    standMm: string;
    sealed: boolean;
    layers: TypedLayer[];
}

export interface TypedLayer {
    id: string;
    shelf: number;
    kind: string;
    heightMm?: string;
    medium?: string;
}

export interface TypedWorkshop {
    pads: TypedPad[];
    stock: Record<string, { lengthMm?: string; widthMm?: string }>;
    litChamber?: string;
    blackoutMm?: string;
    basket?: TypedBasket;
}

export interface DrawnBaffle {
    id: string;
    kind: string;
    label: string;
    atMm: number;
    thicknessMm: number;
    /** Where the water goes over it. */
    topMm: number;
    /** Its highest edge: of a comb, the tips of the teeth. */
    edgeMm: number;
    gapMm: number;
}

export interface DrawnPlaced {
    id: string;
    kind: string;
    name: string;
    heightMm: number;
    /** The place it takes, from the inlet wall and from the front; null where its chamber is gone. */
    place: { atMm: number; acrossMm: number; lengthMm: number; widthMm: number } | null;
    standMm: number;
    depthLowMm?: number;
    depthHighMm?: number;
}

export interface DrawnOpening {
    id: string;
    kind: string;
    label: string;
    /** As the drawing names it. */
    short: string;
    isRound: boolean;
    /** From the inlet wall to its near edge, and from the front. */
    atMm: number;
    acrossMm: number;
    lengthMm: number;
    widthMm: number;
    standsMm: number;
    hangsMm: number;
}

export interface DrawnTray {
    id: string;
    kind: string;
    label: string;
    topMm: number;
    thicknessMm: number;
    fromMm: number;
    toMm: number;
    /** How far its ledges reach in from the front and back glass, and how high they are on it. */
    ledgeReachMm: number;
    ledgeWidthMm: number;
    openings: DrawnOpening[];
}

export interface CutHole {
    xMm: number;
    yMm: number;
    lengthMm: number;
    widthMm: number;
    isRound: boolean;
}

/** One piece to cut, with its outline from its lower left corner. */
export interface CutPanel {
    id: string;
    group: string;
    label: string;
    count: number;
    widthMm: number;
    heightMm: number;
    thicknessMm: number;
    note: string;
    material: string;
    /** What is done to its edges. */
    edges: string;
    insideMm: number | null;
    outsideMm: number | null;
    /** Where it is set that does not stand on the floor: its lower edge, or the top of its ledges. */
    overFloorMm?: number | null;
    outline: [number, number][];
    holes: CutHole[];
}

/** Pieces of one kind on the sheets they are bought as. */
export interface StockUse {
    label: string;
    group: string;
    thicknessMm: number;
    lengthMm: number;
    widthMm: number;
    sheetsNeeded: number;
    perSheet: number | null;
    usedShare: number;
    /** The pieces as they lie, turned or not. */
    shapes: Record<string, CutPanel>;
    sheets: { shape: string; xMm: number; yMm: number; lengthMm: number; widthMm: number }[][];
}

/** The display before chambers that are behind it, over the same floor, mm. */
export interface DrawnFront {
    /** From its front to the wall; null while it is not known. */
    depthMm: number | null;
    crestMm: number;
    slotTopMm: number;
    slotsMm: number;
    openShare: number;
    thicknessMm: number;
    nozzleMm: number | null;
    lidMm: number | null;
}

/** A media basket put together, from its foot, mm. */
export interface DrawnBasket {
    /** Where it stands; null while it is only cut. */
    chamber: number | null;
    standMm: number;
    outerLengthMm: number;
    outerWidthMm: number;
    innerLengthMm: number;
    innerWidthMm: number;
    heightMm: number;
    frontMm: number;
    thicknessMm: number;
    shelfMm: number;
    gridThicknessMm: number;
    ledgeMm: number;
    handleMm: number;
    /** From the top down, as the water meets them. */
    shelves: {
        number: number;
        ledgeMm: number;
        gridMm: number;
        topMm: number;
        litres: number;
        layers: { id: string; label: string; isPad: boolean; fromMm: number; toMm: number }[];
    }[];
}

/** What the core makes of a sump, in mm and litres. */
export interface SectionView {
    lengthMm: number;
    widthMm: number;
    heightMm: number;
    wallMm: number;
    front: DrawnFront | null;
    basket: DrawnBasket | null;
    /** How the path in force filters, where that is another way than the one that is drawn. */
    style: string | null;
    chambers: { fromMm: number; toMm: number; name: string }[];
    baffles: DrawnBaffle[];
    placed: DrawnPlaced[];
    trays: DrawnTray[];
    states: Record<StateName, { levels: number[]; chamberLitres: number[]; litres: number; displayMm: number | null }>;
    findings: Finding[];
    /** Parts to begin with, as typed: baffles that stand together, devices, what the path has, trays and their openings. */
    proposals: {
        baffles: Record<string, TypedBaffle[]>;
        devices: Record<string, TypedPlaced>;
        /** What of a path is not placed yet; with the name of the draft where it is only planned. */
        fromPath: { placed: TypedPlaced; draft: string | null }[];
        trays: Record<string, TypedTray>;
        openings: Record<string, TypedOpening>;
        basket: TypedBasket;
        /** Parts that together do what is wanted; they stand behind what is in their chamber. */
        wishes: { label: string; chamber: number; baffles: TypedBaffle[]; trays: TypedTray[] }[];
        /** Further tanks of the path. */
        tanks: { line: string; name: string }[];
    };
    /** What is cut; only the page of the cut sheet has it. */
    cuts: {
        findings: Finding[];
        panels: CutPanel[];
        stock: StockUse[];
    } | null;
    water: {
        freeboardMm: number;
        roomLitres: number;
        drainDownLitres: number;
        /** Whether all that comes down in a power cut is known. */
        isReckoned: boolean;
        marginLitres: number | null;
        marginMm: number | null;
        givesUpLitres: number | null;
        daysToGulp: number | null;
        reservoirDays: number | null;
    };
    flow: {
        litresPerHour: number | null;
        isReckoned: boolean;
        headMetres: number | null;
        lossMetres: number | null;
        speed: number | null;
        drainLitresPerHour: number | null;
        drainTunedOpen: number | null;
        emergencyLitresPerHour: number | null;
        overflowHeadMm: number | null;
        kilowattHoursAYear: number | null;
        costAYear: number | null;
        turnover: Finding | null;
    };
}

export interface Choices {
    /** What a bare length means, and how many mm it is. */
    length: { unit: string; factor: number; steps: [number, number]; stepNames: [string, string] };
    /** Each with its label, what it does, and a short label. */
    kinds: [string, string, string, string][];
    trays: [string, string, string][];
    openings: [string, string, boolean][];
    siliconeGap: Basis;
    blackout: Basis;
    /** Each with its loss in velocity heads. */
    fittings: [string, string, number][];
    /** Share a gate valve is open, and what it costs then in velocity heads. */
    throttled: [number, number][];
    joints: [string, string][];
    /** What is cut from one kind of sheet, with the usual size of one. */
    stock: [string, string, { lengthMm: string; widthMm: string } | null][];
    /** What can lie on a shelf of a basket, with whether it is a pad. */
    layers: [string, string, boolean][];
    media: [string, string][];
}
