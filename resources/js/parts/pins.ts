import { type Finding } from '../lib/page';

/** The findings that ask for something, numbered as they are pinned on a drawing or a list. */
export function pinsOf(findings: Finding[]): Map<Finding, number> {
    const grave = findings.filter(({ severity }) => severity === 'fault' || severity === 'caution');
    return new Map(grave.map((finding, i) => [finding, i + 1]));
}
