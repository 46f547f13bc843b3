/** Days ahead, level, and the ends of its band, in base units. */
export type Point = [number, number, number, number];

export type Series = Partial<Record<string, Point[]>>;

/** How a course stands, as it can be typed. */
export interface Levers {
    feedGrams: number;
    feedTimes: number;
    sockEvery: number | null;
    waterEvery: number | null;
    waterLitres: number;
    skimmerOn: boolean;
    /** Null where no algae are lit. */
    lightHours: number | null;
    spirit: number;
}

export interface Workload {
    socks: number;
    waterChanges: number;
    waterLitres: number;
}

export interface Foreseen {
    present: Series;
    other: Series;
    workload: { present: Workload; other: Workload };
}
