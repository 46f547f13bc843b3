import { type PhotoShelf } from '../tide/Photos';

/** What a plan can show of one parameter, and what more would buy. */
export interface ReadPower {
    label: string;
    options: { what: string; smallest: string; perWeek: string }[];
    curve: { units: number; smallest: number; finer: number }[];
}

export interface Power {
    /** Whether a verdict can come of it at all. */
    may: boolean;
    reads: ReadPower[];
}

/** What a plan in a tank can show: a week, or the tank whose readings are too few to tell. */
export interface TankPower {
    smallest: string | null;
    lacks: string | null;
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

/** What is read in each unit, and what it shows. */
export interface TrialRead {
    parameter: string;
    label: string;
    unit: string;
    kit: string;
    step: number;
    scatter: number;
    /** The level that the food should have made, by planned day; null where that is not known. */
    fed: (number | null)[];
    end: Pair[];
    mean: Pair[];
    /** Of all arms together; null for two. */
    anova: number | null;
}

export interface Point {
    day: number;
    /** Null where it is missing. */
    level: number | null;
    isCloudy: boolean;
}

export interface Unit {
    unit: string;
    /** Number of its arm; null while who reads must not see it. */
    arm: number | null;
    /** By parameter, in the order of the plan: what is typed, by day, and its course. */
    sheet: { cells: Record<string, string>; course: Point[] }[];
}

/** What trials of all forms have. */
export interface TrialShell {
    id: number;
    state: 'planned' | 'running' | 'ended';
    question: string;
    /** Day of the trial; null before its start. */
    day: number | null;
    lastDay: number;
    amendments: { day: string; text: string; nitrogen?: number }[];
    /** What you wrote down yourself. */
    lessons: string[];
    started: string | null;
    ended: string | null;
    photos: PhotoShelf;
    mayLog: boolean;
    mayPlan: boolean;
}

export interface Trial extends TrialShell {
    reads: TrialRead[];
    arms: string[];
    control: string;
    feed: string;
    /** Fed to each unit, mg a day; null where it is not known. */
    nitrogen: number | null;
    stop: string;
    setup: {
        units: number;
        litres: number;
        cyclingWeeks: number;
        weeks: number;
        every: number;
        isBlind: boolean;
    };
    power: Power;
    /** The first planned day that is not read whole; null where none is left. */
    next: number | null;
    days: number[];
    isBlind: boolean;
    units: Unit[];
    headline: string;
    details: string[];
    isJudged: boolean;
    left: string[];
    /** What the sheet tells of what went wrong. */
    learned: string[];
}

/** A trial in the tanks themselves. */
export interface TankTrial extends TrialShell {
    form: 'switched' | 'paired' | 'before';
    formLabel: string;
    label: string;
    unit: string;
    change: string;
    /** Empty once it has ended. */
    caution: string;
    schedule: { phaseDays: number; periods: number; washoutDays: number; every: number };
    tanks: { changed: string; left: string | null };
    /** Days from and to which it is on. */
    spans: [number, number][];
    switches: { planned: number; day: number; isOn: boolean; isMade: boolean }[];
    changeDay: number;
    /** The first planned day without a reading in the journal; null where none is left. */
    next: number | null;
    readings: { tank: string; points: [number, number][] }[];
    headline: string;
    isJudged: boolean;
    perWeek: { estimate: number; low: number; high: number } | null;
    remarks: string[];
    power: TankPower | null;
    entry: number | null;
    candidates: { id: number; text: string }[];
    journal: string;
    verdictAt: string | null;
}

/** The plan that follows a trial, as the form has it. */
export interface NextPlan {
    id: number;
    question: string;
    form: string;
    plan: Record<string, unknown>;
    learned: string[];
}
