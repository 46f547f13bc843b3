/** Days ahead, level, and the ends of its band, in base units. */
export type Point = [number, number, number, number];

export type Series = Partial<Record<string, Point[]>>;

/** How a course stands, as it can be typed. */
export interface Levers {
    feedTimes: string;
    /** Days; empty for never, as is that of water. */
    sockEvery: string;
    waterEvery: string;
    waterLitres: string;
    lightHours: string;
    spirit: string;
    stockAdded: string;
    rollerTimes: string;
    carbonGrams: string;
    mediaGrams: string;
    skimmerOn: boolean;
    medium: string;
    place: string;
}

/** One thing to do next, with what is expected of it. */
export interface Step {
    key: string;
    does: string;
    levers: Partial<Levers>;
    weeks: number;
    watch: string;
    caution: string | null;
    /** What was done here before that is like it, and what it did. */
    tried: { text: string; t: number; answers: { parameter: string; verdict: string; figure: string }[] }[];
    /** The level and its range in words, by parameter. */
    expected: Partial<Record<string, string>>;
}

export interface Counsel {
    /** Null where no target is picked. */
    advice: {
        state: string;
        sentence: string;
        steps: Step[];
        /** What was changed of late, which wants to be waited for. */
        waits: string | null;
    } | null;
    /** Charges that are exhausted and still in. */
    exhausted: string[];
}

export interface Workload {
    socks: number;
    waterChanges: number;
    waterLitres: number;
    doseMillilitres: number;
    /** Null where its pace is not known. */
    fleeceMetres: number | null;
    hours: number;
    cost: number;
}

/** What a tank has that a lever can turn. */
export interface Fitted {
    algae: boolean;
    sock: boolean;
    roller: boolean;
    stock: boolean;
}

export interface Foreseen {
    present: Series;
    other: Series;
    /** Where each ends, in words, by parameter. */
    ends: { present: Partial<Record<string, string>>; other: Partial<Record<string, string>> };
    workload: { present: Workload; other: Workload };
    /** What the dose guard has against these settings, the gravest first. */
    doubts: string[];
}

/** A course that was kept, with what was foreseen of it then. */
export interface Kept {
    id: number;
    name: string;
    t: number;
    levers: Levers;
    isPlan: boolean;
    foreseen: Series;
    ends: { weeks: number; says: Partial<Record<string, string>> };
    /** How it came, by parameter; shares in per cent. */
    scores: Partial<Record<string, { readings: number; within: number; off: number; stays: number }>>;
}

/** What readings say of the forecast itself. */
export interface Standing {
    /** What seems to have changed without a word in the journal; null where nothing does. */
    asks: string | null;
    /** How forecasts of before came true, by parameter. */
    came: Partial<Record<string, string>>;
}
