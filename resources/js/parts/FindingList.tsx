import { Box, chakra } from '@chakra-ui/react';
import { CircleAlert, CircleCheck, Info, TriangleAlert } from 'lucide-react';
import { type Finding } from '../lib/page';
import { BasisNote } from './BasisNote';

const LOOKS = {
    remark: { icon: Info, colour: 'quiet', name: 'Remark' },
    good: { icon: CircleCheck, colour: 'kelp', name: 'Good' },
    caution: { icon: TriangleAlert, colour: 'caution', name: 'Caution' },
    fault: { icon: CircleAlert, colour: 'fault', name: 'Fault' },
} as const;

/** Judgements of the core, each with its sign, sentence and the rule behind it. */
export function FindingList({ findings }: { findings: Finding[] }) {
    return (
        <chakra.ul listStyleType="none" display="grid" gap="3">
            {findings.map((finding, i) => {
                const look = LOOKS[finding.severity];
                return (
                    <Box as="li" key={`${finding.code}${i}`} display="grid" gridTemplateColumns="20px 1fr" gap="2">
                        <Box color={look.colour} pt="2px">
                            <look.icon size={17} aria-label={look.name} role="img" />
                        </Box>
                        <div>
                            <Box fontWeight="700">{finding.title}</Box>
                            <Box fontSize="sm">{finding.sentence}</Box>
                            {finding.basis !== null && <BasisNote basis={finding.basis} />}
                        </div>
                    </Box>
                );
            })}
        </chakra.ul>
    );
}
