import { type Finding } from '../../lib/page';

export interface TypedLeakTest {
    day: string;
    levelMm: string;
    result: string;
    note?: string;
}

/** The record of a build as its keeper types it. */
export interface TypedBuild {
    retrofit: boolean;
    cureHours: string;
    /** Day by step. */
    done: Record<string, string>;
    leakTests: TypedLeakTest[];
    /** Corner by baffle. */
    measured: Record<string, Record<string, string>>;
}

export interface BuildStep {
    key: string;
    title: string;
    says: string;
    caution: string | null;
    done: string | null;
    notBefore: string | null;
}

export interface BuildView {
    /** Whether a sump is built; chambers that came with their tank are not. */
    isSump: boolean;
    steps: BuildStep[];
    findings: Finding[];
    waterNotBefore: string | null;
    baffles: {
        id: string;
        label: string;
        planned: string;
        outOfSquare: string | null;
        leaning: string | null;
        offPlan: string | null;
    }[];
}

export interface BuildChoices {
    unit: string;
    corners: [string, string][];
    results: [string, string][];
    today: string;
    /** Full to the brim, as typed. */
    brim: string;
}
