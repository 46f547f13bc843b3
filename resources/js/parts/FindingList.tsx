import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { type Finding } from '../lib/page';
import { BasisNote } from './BasisNote';
import { Button } from './Button';
import { SEVERITY } from './severity';

/** Judgements of the core, each with its sign, sentence, what would put it right, and the rule behind it. */
export function FindingList({
    findings,
    mark,
    title,
    onMend,
}: {
    findings: Finding[];
    /** What stands in place of the sign, such as a number that is pinned elsewhere too. */
    mark?: (finding: Finding) => ReactNode;
    /** What stands in place of the plain title. */
    title?: (finding: Finding) => ReactNode;
    /** Sets a figure as a finding proposes; where it can be set. */
    onMend?: (remedy: Finding['remedies'][number]) => void;
}) {
    return (
        <chakra.ul listStyleType="none" display="grid" gap="3">
            {findings.map((finding, i) => {
                const look = SEVERITY[finding.severity];
                return (
                    <Box as="li" key={`${finding.code}${i}`} display="grid" gridTemplateColumns="20px 1fr" gap="2">
                        <Box color={look.colour} pt="2px">
                            {mark?.(finding) ?? <look.icon size={17} aria-label={look.name} role="img" />}
                        </Box>
                        <div>
                            <Box fontWeight="700">{title?.(finding) ?? finding.title}</Box>
                            <Box fontSize="sm">{finding.sentence}</Box>
                            {finding.fix !== null && (
                                <Box fontSize="sm" color="kelp">
                                    {finding.fix}
                                </Box>
                            )}
                            {onMend !== undefined &&
                                finding.remedies.map((remedy) => (
                                    <Button
                                        key={remedy.does}
                                        my="1"
                                        minH={{ base: '44px', md: '28px' }}
                                        px="2"
                                        whiteSpace="normal"
                                        textAlign="left"
                                        onClick={() => onMend(remedy)}
                                    >
                                        {remedy.does}
                                    </Button>
                                ))}
                            <Why finding={finding} />
                            {finding.basis !== null && <BasisNote basis={finding.basis} />}
                        </div>
                    </Box>
                );
            })}
        </chakra.ul>
    );
}

function Why({ finding }: { finding: Finding }) {
    if (finding.reason === null) {
        return null;
    }
    return (
        <chakra.details fontSize="sm" color="quiet" display="inline-block" mr="3" _open={{ display: 'block' }}>
            <chakra.summary
                cursor="pointer"
                width="fit-content"
                textDecoration="underline dotted"
                textUnderlineOffset="3px"
            >
                why
            </chakra.summary>
            {finding.reason} {finding.school}
        </chakra.details>
    );
}
