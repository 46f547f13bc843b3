import { type Basis, type Finding } from '../lib/page';

/** A path as its keeper types it: every figure is text, in the keeper's units or any unit written out. */
export interface TypedPath {
    name: string;
    style: string;
    litresPerHour: string;
    stockNow: string;
    stockPlanned: string;
    without: Record<string, string>;
    lines: TypedLine[];
    removed: TypedItem[];
}

export interface TypedLine {
    id: string;
    name: string;
    from: string;
    to: string;
    tank: boolean;
    litresPerHour: string;
    tankLitres: string;
    items: TypedItem[];
}

export interface TypedItem {
    id: string;
    kind: string;
    name: string;
    tag: string;
    note: string;
    keptBecause: string;
    keptWhere: string;
    figures: Record<string, string>;
    choices: Record<string, string>;
    flags: string[];
    media: { medium: string; grams: string }[];
}

export interface KindSpec {
    key: string;
    label: string;
    group: string;
    says: string;
    holdsMedia: boolean;
    /** Whether it is the pump that brings the water back. */
    returns: boolean;
    /** Whether it works in a closed pipe, and so behind that pump too. */
    underPressure: boolean;
    usual: Record<string, string>;
    figures: string[];
    /** Figures that every kind has and few need at once. */
    roomAndPower: string[];
    choices: string[];
    flags: string[];
}

type Pairs = [string, string][];

export interface Catalogue {
    groups: { key: string; label: string }[];
    kinds: KindSpec[];
    figures: Record<string, { label: string; unit: string }>;
    choices: Record<string, { label: string; options: Pairs }>;
    flags: Record<string, string>;
    media: Pairs;
    styles: Pairs;
    stocks: Pairs;
    stages: { key: string; label: string }[];
}

export interface Need {
    code: string;
    what: string;
    amount: string;
    why: string;
    basis: Basis | null;
    at: string | null;
}

export interface Sizing {
    needs: Need[];
    pumps: number;
    sockets: number;
    spareSockets: number;
    watts: number;
    kilowattHoursAYear: number;
    costAYear: number;
    pricePerKilowattHour: number;
}

/** What the core says of a path. */
export interface Review {
    findings: Finding[];
    items: Record<string, { flow: number | null; brief: string; watts: number; computed: Record<string, string> }>;
    stages: Record<string, string[]>;
    /** What a stage that is served takes only in part, by its key. */
    lacking: Record<string, string>;
    workingLitres: number;
    flowLitresPerHour: number | null;
    /** The flow that the drawn sump computes, in words; null while it does not. */
    computedFlow: string | null;
    sizing: Sizing;
}

/** The usual order of a style, by the names of its stages. */
export interface PathTemplate {
    style: string;
    label: string;
    stages: string[];
}

export interface PathChoice {
    id: number;
    mark: string;
    name: string;
    since?: number;
    inForce?: boolean;
}

export interface StoredDraft {
    id: number;
    version: number;
    typed: TypedPath;
    review: Review;
    /** When a state of it came into force, and whether it is the one saved; null while none is in force. */
    inForce: { since: number; same: boolean } | null;
}
