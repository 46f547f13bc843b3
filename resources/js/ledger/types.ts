export interface LedgerLine {
    key: string;
    label: string;
    /** A week; of a store by how much it grew. */
    mg: number;
    /** Of the ion in this tank, a week. */
    ppm: number;
    origin: 'logged' | 'modelled' | 'unexplained';
    assumption: string | null;
    /** A word of the journal entries behind it. */
    entries: string | null;
}

export interface ElementLedger {
    key: string;
    name: string;
    /** What is read of it. */
    parameter: string;
    in: LedgerLine[];
    out: LedgerLine[];
    stores: LedgerLine[];
    unexplained: LedgerLine | null;
    story: string[];
}

export interface Learned {
    key: string;
    label: string;
    factor: number;
    low: number;
    high: number;
    taught: 'learned' | 'together' | 'assumed';
    /** The same in words. */
    says: string;
}

export interface Residual {
    t: number;
    parameter: string;
    read: number;
    model: number;
}
