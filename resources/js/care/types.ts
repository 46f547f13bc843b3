import { type Silence } from '../forecast/Silences';

/** Something to do on a tank. */
export interface Task {
    key: string;
    label: string;
    when: string;
    isLate: boolean;
    /** Day, counted from 1970; null where it is not known. */
    due: number | null;
    why: string;
    /** From one time to the next; null for what goes by a forecast. */
    days: number | null;
    minutes: number;
    /** The line of the log that says it is done. */
    line: string;
    /** Whether a figure is still to be written behind the line. */
    asks: boolean;
    soiling: boolean;
    /** Lines that say that it was still fine, and that it was skipped. */
    fine: string | null;
    skip: string | null;
    /** The entry that did it last. */
    entry: number | null;
    /** Where it is done instead. */
    href: string | null;
    /** Who does it; null for whoever is there. */
    who: string | null;
}

/** A device that is off. */
export interface Off {
    says: string;
    /** The line that says it is on again. */
    line: string;
    isOverdue: boolean;
}

export interface Tank {
    id: number;
    name: string;
    mayLog: boolean;
    due: Task[];
    done: Task[];
    /** Due on a later day. */
    later: Task[];
    unknown: Task[];
    next: string | null;
    /** How many socks to own; null for a tank without. */
    socks: {
        says: string;
        /** Clean, in use and dirty, by item of the stock. */
        counts: string[];
        approaches: { name: string; says: string }[];
        caution: string;
    } | null;
    /** How long the roll in use lasts; null for a tank without a roller. */
    fleece: string | null;
    off: Off[];
    /** The line of a feeding pause; null for a tank without a skimmer. */
    pause: string | null;
    /** Why a first hour is wanted; null where none is. */
    firstHour: string | null;
    /** Weekdays without work, 1 for Monday. */
    daysOff: number[];
    mayPlan: boolean;
    alerts: number;
    silences: Silence[];
}

export interface Proposal {
    system: number;
    tank: string;
    chore: string;
    label: string;
    now: number;
    days: number;
    because: string;
    /** More a week; fewer where negative. */
    minutes: number;
    weeks: number;
    expected: { now: Partial<Record<string, string>>; then: Partial<Record<string, string>> } | null;
    mayAccept: boolean;
}

export interface Day {
    day: string;
    minutes: number;
    tasks: string[];
}

export interface Care {
    day: string;
    tanks: Tank[];
    minutes: number;
    weeks: Day[];
    proposals: Proposal[];
    /** Whose calendar addresses are in use; empty for everybody's. */
    feeds: string[];
    /** Who does something, by name. */
    people: string[];
}
