import { type Series } from '../forecast/types';

type Range = [number, number, number];

/** What a charge takes; ranges are likely, low and high of 80 %. */
export interface Life {
    condition: string;
    isGrave: boolean;
    reasons: string[];
    /** Per cent of what a fresh one would take. */
    share: Range;
    /** mg, and ppm of this tank. */
    held: Range;
    heldPpm: Range;
    /** What it takes, and as what that is told in ppm. */
    takesWhat: string;
    asWhat: string;
    /** mg a g. */
    loading: number;
    /** mg a day, and what a fresh one would remove. */
    takes: number;
    fresh: number;
    /** Seconds since 1970; an end that was not reached in a year is null. Null for one that is out. */
    spent: { likely: number | null; soonest: number | null; latest: number | null } | null;
    /** Seconds and share. */
    course: [number, number][];
    /** Null for what binds nothing that is read, and for one that is out. */
    account: Account | null;
}

/** What a charge did, mg; ranges are likely, low and high. */
export interface Account {
    of: string;
    room: number;
    gross: Range;
    /** By the verdict; null where there is none yet. */
    net: Range | null;
    expected: number;
    why: string;
}

export interface Charge {
    entry: number;
    medium: string;
    label: string;
    amount: string;
    where: string;
    item: string | null;
    /** As lines of the log: the same again, and out. */
    line: string;
    out: string;
    from: number;
    to: number | null;
    /** Why it is out. */
    ended: string | null;
    days: number;
    /** Days that it is meant to stay. */
    meant: number | null;
    calendar: { days: number; due: number } | null;
    /** What was seen of the clarity of the water. */
    clarity: string | null;
    /** Why the model would not follow it. */
    unfollowed: string;
    /** Null where the model does not follow it, or nothing is learned yet. */
    life: Life | null;
}

export interface School {
    key: string;
    label: string;
    reason: string;
    days: [number, number] | null;
    age: number | null;
    cost: number | null;
    says: string;
}

export interface MediaView {
    charges: Charge[];
    schools: School[];
    school: string;
    schoolsTitle: string;
    schoolsNote: string;
    /** A line that logs a charge. */
    example: string;
    isLearned: boolean;
    /** What charges have taught, in words. */
    learned: string | null;
    /** What the last readings are worth, where that is little. */
    noise: string | null;
}

export interface Road {
    title: string;
    grams: number | null;
    text: string | null;
    assumes: string;
    assumption: string | null;
    /** What to do once it is in. */
    steps: string[];
    /** The gravest that the dose guard has against it. */
    doubt: { answer: 'ask' | 'refuse'; sentence: string } | null;
}

export interface Dosed {
    roads: Road[];
    amounts: [string, string][] | null;
    firstUse: string | null;
    /** What the dose guard has against it, the gravest first. */
    doubts: { answer: 'ask' | 'refuse'; sentence: string }[];
    fall: string | null;
    contact: string;
    /** What stands against the place it goes into. */
    company: string[];
    prepares: string[];
    caution: string | null;
    series: { present: Series; other: Series } | null;
}

export interface OrganicView {
    source: string;
    sources: { key: string; name: string; mgEach: number; equal: number; full: number }[];
    doses: number[];
    /** What is dosed already, in words. */
    running: string | null;
    /** Whether nothing stands against a start. */
    mayStart: boolean;
    /** Where it would lead below the target. */
    below: string | null;
    /** When to stop at once. */
    rule: string;
    pellets: string;
    stops: string[];
    holds: string[];
    fine: string[];
    series: { present: Series; other: Series } | null;
    under: {
        id: number;
        name: string;
        begun: number;
        week: number;
        planned: number;
        dose: number;
        says: string;
        logged: number;
        /** The line that logs it; null where nothing is to be dosed. */
        line: string | null;
    } | null;
}

/** A dose of its own kind. */
export interface Part {
    title: string;
    says: string[];
    caution: string;
    /** A line that can be logged. */
    log: { label: string; line: string; isOpen: boolean } | null;
    /** The query that opens its dose. */
    dose: string | null;
}

export interface OzoneSettings {
    onBelow: string;
    offAt: string;
    from: string;
    hours: string;
    output: string;
    hasProbe: boolean;
    hasRatedSkimmer: boolean;
    cleansExhaust: boolean;
}

export interface OzoneRun {
    /** Minute, mV, and whether it runs. */
    series: [number, number, boolean][];
    highest: number;
    minutes: number;
    onBelow: number;
    offAt: number;
}
