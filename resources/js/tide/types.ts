export interface ReadingMark {
    id: number;
    t: number;
    nutrient: 'no3' | 'po4';
    ppm: number;
    below: boolean;
    cloudy: boolean;
    method: string | null;
    note: string | null;
}

/** A lever change or note; the fields past `text` depend on its kind. */
export interface ChangeMark {
    id: number;
    t: number;
    kind: string;
    lever: boolean;
    text: string;
    soiling?: number | null;
    medium?: string;
    litres?: number | null;
    /** The share of the tank's water that was replaced. */
    share?: number | null;
    grams?: number | null;
    hours?: number;
    on?: boolean;
    millilitres?: number;
}

/** How strongly a routine lever was used in one period of a long time. */
export interface RateMark {
    t: number;
    seconds: number;
    perDay: number;
    text: string;
}

export interface Sheet {
    from: number;
    to: number;
    readings: ReadingMark[];
    changes: ChangeMark[];
    /** Routine levers by kind, where the time is too long for single marks. */
    rates: Partial<Record<string, RateMark[]>>;
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
    nutrient: 'no3' | 'po4';
    label: string;
    verdict: 'lower' | 'higher' | 'no difference shown' | 'cannot tell yet';
    sentence: string;
    before: Rate | null;
    after: Rate | null;
    difference: Rate | null;
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
    judgements: Judgement[];
}

export const NUTRIENTS = {
    no3: { name: 'nitrate', colour: 'nitrate' },
    po4: { name: 'phosphate', colour: 'phosphate' },
} as const;
