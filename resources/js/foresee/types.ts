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
    mediaGrams: string;
    skimmerOn: boolean;
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
    /** Level, and the ends of its band, by parameter. */
    expected: Partial<Record<string, [number, number, number]>>;
}

export interface Counsel {
    /** Null where no target is picked. */
    advice: { state: string; sentence: string; steps: Step[] } | null;
    /** Days between changes, and per cent less than without a sock of each parameter; null where there is none. */
    sock: {
        weeks: number;
        verdict: string;
        points: [number, number, number][];
        present: [number, number, number] | null;
    } | null;
}

export interface Workload {
    socks: number;
    waterChanges: number;
    waterLitres: number;
}

export interface Foreseen {
    present: Series;
    other: Series;
    workload: { present: Workload; other: Workload };
}

/** A course that was kept, with what was foreseen of it then. */
export interface Kept {
    id: number;
    name: string;
    t: number;
    levers: Levers;
    isPlan: boolean;
    foreseen: Series;
    /** How the plan came, by parameter; shares in per cent. */
    scores: Partial<Record<string, { readings: number; within: number; off: number; stays: number }>>;
}
