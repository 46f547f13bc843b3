/** Per cent: the middle, and the ends of 80 %. */
export type Range = [number, number, number];

/** Days between changes, and per cent less than without a sock of each parameter. */
export interface Sock {
    weeks: number;
    verdict: string;
    points: [number, Range, Range][];
    /** Null where it is never changed. */
    present: [number, Range, Range] | null;
}

/** Why nothing is known of a stop. */
export interface NoStop {
    missing: string;
}

/** How a stop of the water is doing; null for what it is not. */
export interface StopState {
    missing: null;
    sock: { missing: { sentence: string; line: string } | null; curve: Sock | null } | null;
    roller: {
        pace: string | null;
        left: string | null;
        stay: string;
        /** Seconds since 1970: likely, soonest, latest. */
        empty: [number, number, number] | null;
    } | null;
    skimmer: {
        offSince: number | null;
        foams: { key: string; label: string; causes: { what: string; does: string; because: string | null }[] }[];
    } | null;
}
