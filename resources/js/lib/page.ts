import { usePage } from '@inertiajs/react';

export interface UnitDisplay {
    unit: string;
    factor: number;
    offset: number;
    /** Decimals it always has; null where they follow the size of the figure. */
    decimals: number | null;
    /** Decimals of a figure under one. */
    smallDecimals: number;
}

export type Dimension =
    'volume' | 'length' | 'mass' | 'small mass' | 'flow' | 'temperature' | 'concentration' | 'head' | 'speed';

/** What is read off kits and meters, as it is named and drawn everywhere. */
export interface Parameter {
    key: string;
    name: string;
    unit: string;
    /** The keeper's figure is base / factor + offset. */
    factor: number;
    offset: number;
    /** Where it stands on the tide sheet at first: at an axis, which tells its colour and marks too, or in a row. */
    side: 'left' | 'right' | 'row';
    axisTop: number;
    decimals: number;
}

export interface Keeper {
    name: string;
    email: string;
    zone: string;
    units: 'metric' | 'us';
    /** Three letters; null where amounts of money stand without one. */
    currency: string | null;
}

export interface Flash {
    message: string;
    undo?: string;
    fault?: boolean;
}

export interface Shared {
    keeper: Keeper | null;
    units: Record<Dimension, UnitDisplay>;
    parameters: Parameter[];
    /** Lines that show how to log, and one of a change that can be judged. */
    examples: { log: string[]; change: string };
    systems: { id: number; name: string }[];
    flash: Flash | null;
    /** What to do where the data file is damaged. */
    damage: string | null;
    errors: Record<string, string>;
    [key: string]: unknown;
}

export interface Basis {
    key: string;
    label: string;
    /** With its unit, in the keeper's. */
    value: string;
    kind: string;
    source: string;
    /** Why the keeper set it for this tank; null where it is the house's. */
    reason: string | null;
}

export interface Finding {
    severity: 'remark' | 'good' | 'caution' | 'fault';
    code: string;
    title: string;
    sentence: string;
    basis: Basis | null;
    at: string | null;
    reason: string | null;
    school: string | null;
    fix: string | null;
    /** Figures of a drawing that would each mend it, as typed. */
    remedies: { does: string; part: string; field: string; typed: string }[];
}

/** One piece of equipment on the water line. */
export interface Stop {
    id: string;
    kind: string;
    title: string;
    brief: string;
    severity: 'caution' | 'fault' | null;
    /** Per cent of life that the charge in it has left; null where none is followed. */
    left: number | null;
    /** "due today" or "2 days late"; null where nothing is to be done. */
    due: string | null;
}

/** What the frame around a system screen is drawn from. */
export interface SystemFrame {
    id: number;
    name: string;
    workingLitres: number;
    displayLitres: number;
    flowLitresPerHour: number | null;
    turnoverPerHour: number | null;
    /** The path in force; null while none is. */
    path: {
        revision: number;
        since: number;
        draft: number | null;
        stops: (Stop & { branches: { title: string; stops: Stop[] }[] })[];
    } | null;
}

export function useShared(): Shared {
    return usePage<Shared>().props;
}
