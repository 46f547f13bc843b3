import { CircleAlert, CircleCheck, Info, TriangleAlert } from 'lucide-react';

/** How each severity looks: a shape of its own, a colour and a word. */
export const SEVERITY = {
    remark: { icon: Info, colour: 'quiet', name: 'Remark' },
    good: { icon: CircleCheck, colour: 'kelp', name: 'Good' },
    caution: { icon: TriangleAlert, colour: 'caution', name: 'Caution' },
    fault: { icon: CircleAlert, colour: 'fault', name: 'Fault' },
} as const;

export type Severity = keyof typeof SEVERITY;
