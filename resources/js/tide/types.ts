export interface ReadingMark {
    id: number;
    t: number;
    parameter: string;
    /** Whether a line may come to it from the one of its parameter before. */
    joined: boolean;
    /** In base units. */
    value: number;
    below: boolean;
    cloudy: boolean;
    method: string | null;
    note: string | null;
}

/** A lever change or note. */
export interface ChangeMark {
    id: number;
    t: number;
    /** When a charge came out; null while it is in, and for what is no charge. */
    until: number | null;
    /** The lane it stands in. */
    lane: string;
    /** Whether its effect is asked for. */
    judged: boolean;
    text: string;
    /** How much of the lever it is, in the unit of its lane. */
    amount: number | null;
    /** What stands beside its mark. */
    label: string;
}

/** A lever on the time axis, as the core names it and says it is drawn. */
export interface LaneSpec {
    key: string;
    name: string;
    shape: 'ticks' | 'bars' | 'steps' | 'drops' | 'toggle';
    unit: string;
    rateUnit: string;
    /** The amount that fills the lane; null for the most there is in sight. */
    full: number | null;
    tone: string;
}

/** How strongly a routine lever was used in one period of a long time. */
export interface RateMark {
    t: number;
    seconds: number;
    perDay: number;
    text: string;
}

/** What the water gains of one parameter: stretches of time in seconds, estimate, low and high in mg a day. */
export interface NetSpec {
    parameter: string;
    stretches: [number, number, number, number][][];
}

export interface Sheet {
    from: number;
    to: number;
    /** Of a long time the extremes of so many in a row. */
    readings: ReadingMark[];
    readingCount: number;
    changes: ChangeMark[];
    /** Routine levers by kind, where the time is too long for single marks. */
    rates: Partial<Record<string, RateMark[]>>;
    net: NetSpec[];
    /** Every lane there can be, from top to bottom. */
    lanes: LaneSpec[];
}

/** What each charge takes of what a fresh one would, by its entry: seconds and share. */
export type Courses = Partial<Record<string, [number, number][]>>;

/** The levels a school wants of one parameter, in base units. */
export interface TargetBand {
    parameter: string;
    low: number;
    high: number;
    text: string;
}

/** The school a tank is held to, empty for none, among those there are. */
export interface TargetChoice {
    school: string;
    choices: [string, string][];
    /** The first of its assumptions. */
    key: string | null;
    bands: TargetBand[];
}

export interface Rate {
    perDay: number;
    low: number;
    high: number;
    ppmPerWeek: number;
    ppmPerWeekLow: number;
    ppmPerWeekHigh: number;
}

export interface Judgement {
    parameter: string;
    label: string;
    verdict: 'lower' | 'higher' | 'no difference shown' | 'cannot tell yet';
    sentence: string;
    before: Rate | null;
    after: Rate | null;
    difference: Rate | null;
    /** What is told of the input alone. */
    ofInput: 'lower' | 'higher' | 'no difference shown' | 'cannot tell yet';
    /** How far the level stepped at once, mg; null where it did not. */
    jump: Rate | null;
    /** A step that nobody logged, and the lines that log what it can have been. */
    unlogged: { t: number; water: string | null; kit: string } | null;
    odds: string;
    /** The difference by the median of slopes, mg a day. */
    secondOpinion: number | null;
    readingsBefore: number;
    readingsAfter: number;
    moreReadings: number | null;
    wantedPerDay: number;
    line: { day: number; ppm: number }[];
    findings: import('../lib/page').Finding[];
}

export interface Verdict {
    id: number;
    t: number;
    text: string;
    caution: string | null;
    litres: number;
    windowDays: number;
    wantedShare: number;
    /** Days since the change over which it is asked about; null for all of the time since. */
    spanDays: number | null;
    judgements: Judgement[];
    /** What the model expected, mg a day by parameter; null where nothing is learned of the tank. */
    expected: Partial<Record<string, number>> | null;
    /** The address of what came in and went out before it beside what did since. */
    why: string;
    /** What a charge did; null for other changes, and where nothing is learned. */
    account: import('../media/types').Account | null;
}

/** An entry as a line of the table. */
export interface JournalRow {
    id: number;
    t: number;
    what: string;
    figure: string;
    more: string;
}

export interface JournalPage {
    rows: JournalRow[];
    /** Entries that hold what is searched for. */
    found: number;
    all: number;
    page: number;
    pages: number;
    words: string;
}
