import { usePage } from '@inertiajs/react';

export interface UnitDisplay {
    unit: string;
    factor: number;
    offset: number;
}

export type Dimension = 'volume' | 'length' | 'mass' | 'flow' | 'temperature' | 'concentration';

export interface Keeper {
    name: string;
    email: string;
    zone: string;
    units: 'metric' | 'us';
}

export interface Flash {
    message: string;
    undo?: string;
    fault?: boolean;
}

export interface Shared {
    keeper: Keeper | null;
    units: Record<Dimension, UnitDisplay>;
    systems: { id: number; name: string }[];
    flash: Flash | null;
    errors: Record<string, string>;
    [key: string]: unknown;
}

export interface Basis {
    key: string;
    label: string;
    value: number;
    unit: string;
    kind: string;
    source: string;
}

export interface Finding {
    severity: 'remark' | 'good' | 'caution' | 'fault';
    code: string;
    title: string;
    sentence: string;
    basis: Basis | null;
}

/** What the frame around a system screen is drawn from. */
export interface SystemFrame {
    id: number;
    name: string;
    workingLitres: number;
    displayLitres: number;
    sumpLitres: number;
    flowLitresPerHour: number | null;
    turnoverPerHour: number | null;
    turnoverFinding: Finding;
}

export function useShared(): Shared {
    return usePage<Shared>().props;
}
