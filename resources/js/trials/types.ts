/** What a plan can show, and what more would buy. */
export interface Power {
    /** Whether a verdict can come of it at all. */
    may: boolean;
    options: { what: string; smallest: string }[];
}

/** One arm against another. */
export interface Pair {
    arm: string;
    than: string;
    difference: number;
    /** 95 %; null where neither arm scatters. */
    low: number | null;
    high: number | null;
    p: number;
    /** By exchanging units; null where there are too many ways. */
    exchange: number | null;
    isClear: boolean;
}

export interface Unit {
    unit: string;
    /** Number of its arm; null while who reads must not see it. */
    arm: number | null;
    /** What is typed, by day. */
    cells: Record<string, string>;
    /** Day and level; null where it is missing. */
    course: [number, number | null][];
}

export interface Trial {
    id: number;
    state: 'planned' | 'running' | 'ended';
    question: string;
    parameter: string;
    label: string;
    arms: string[];
    control: string;
    setup: {
        units: number;
        litres: number;
        nitrogenMgPerDay: number;
        cyclingWeeks: number;
        weeks: number;
        every: number;
        step: number;
        scatter: number;
        isBlind: boolean;
    };
    power: Power;
    /** Day of the trial; null before its start. */
    day: number | null;
    lastDay: number;
    /** The first planned day that is not read whole; null where none is left. */
    next: number | null;
    days: number[];
    isBlind: boolean;
    units: Unit[];
    /** The level that the food should have made, by planned day; null where that is not known. */
    fed: (number | null)[];
    headline: string;
    isJudged: boolean;
    end: Pair[];
    mean: Pair[];
    /** Of all arms together; null for two. */
    anova: number | null;
    left: string[];
    amendments: { day: string; text: string }[];
    started: string | null;
    ended: string | null;
    mayLog: boolean;
    mayPlan: boolean;
}
