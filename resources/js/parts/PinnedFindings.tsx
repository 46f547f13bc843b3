import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { type Finding } from '../lib/page';
import { FindingList } from './FindingList';
import { Pin } from './Pin';

/** What asks for something, by its pin; then, folded, what is right or only worth knowing. */
export function PinnedFindings({
    findings,
    pins,
    stale,
    summary,
    title,
    onMend,
    children,
}: {
    findings: Finding[];
    pins: Map<Finding, number>;
    /** Whether they are of a state before the last change, since something in that cannot be read. */
    stale: boolean;
    /** What is said beside their number. */
    summary?: string[];
    title?: (finding: Finding) => ReactNode;
    /** Sets a figure as a finding proposes; where it can be set. */
    onMend?: (remedy: Finding['remedies'][number]) => void;
    /** What stands between their number and the list. */
    children?: ReactNode;
}) {
    const grave = findings.filter((finding) => pins.has(finding));
    const rest = findings.filter((finding) => !pins.has(finding));
    return (
        <>
            <Box
                fontSize="sm"
                color={stale ? 'caution' : 'quiet'}
                fontWeight={stale ? '600' : '400'}
                aria-live="polite"
                mb="2"
            >
                {stale
                    ? 'Of the state before the last change; something in that cannot be read yet.'
                    : [grave.length === 0 ? 'nothing to mend' : `${grave.length} to look at`, ...(summary ?? [])].join(
                          ' · ',
                      )}
            </Box>
            {children}
            <FindingList
                findings={grave}
                mark={(finding) => <Pin number={pins.get(finding) ?? 0} severity={finding.severity} />}
                title={title}
                onMend={onMend}
            />
            {rest.length > 0 && (
                <chakra.details mt="4" borderTopWidth="1px" pt="2" open={grave.length === 0}>
                    <chakra.summary cursor="pointer" fontWeight="600" fontSize="sm" mb="2">
                        {rest.length} that {rest.length === 1 ? 'is' : 'are'} right or only worth knowing
                    </chakra.summary>
                    <FindingList findings={rest} />
                </chakra.details>
            )}
        </>
    );
}
