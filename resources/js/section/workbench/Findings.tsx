import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { type Finding } from '../../lib/page';
import { Button } from '../../parts/Button';
import { PinnedFindings } from '../../parts/PinnedFindings';
import { Figures } from '../Figures';
import { type Choices, type SectionView } from '../types';

interface Props {
    view: SectionView;
    pins: Map<Finding, number>;
    stale: boolean;
    length: Choices['length'];
    onPick: (finding: Finding) => void;
    onMend: (remedy: Finding['remedies'][number]) => void;
}

/** What is wrong with a sump, what is right, and its figures. */
export function Findings({ view, pins, stale, length, onPick, onMend }: Props) {
    return (
        <Box as="section" aria-label="Findings">
            <chakra.h2 fontSize="lg">Findings</chakra.h2>
            <PinnedFindings
                findings={view.findings}
                pins={pins}
                stale={stale}
                onMend={onMend}
                title={(finding) =>
                    finding.at === null ? (
                        finding.title
                    ) : (
                        <chakra.button
                            type="button"
                            textAlign="left"
                            fontWeight="700"
                            cursor="pointer"
                            minH={{ base: '44px', md: '0' }}
                            _hover={{ color: 'deep', textDecoration: 'underline' }}
                            onClick={() => onPick(finding)}
                        >
                            {finding.title}
                        </chakra.button>
                    )
                }
            />
            <Figures view={view} length={length} />
            <chakra.p mt="3" fontSize="xs" color="quiet">
                Our figures are a check, not a certificate. The tank maker or a glazier decides on glass. A full sump is
                not lifted.
            </chakra.p>
        </Box>
    );
}

/** The same on a phone: a sheet over the page, of which the number of findings is always in sight. */
export function FindingSheet(props: Props) {
    const [open, setOpen] = useState(false);
    const grave = props.pins.size;
    return (
        <Box
            display={{ base: 'block', lg: 'none' }}
            position="sticky"
            bottom="0"
            zIndex="3"
            mx={{ base: '-3', md: '-6' }}
            bg="paper"
            borderTopWidth="1px"
            _print={{ display: 'none' }}
        >
            {open && (
                <Box px={{ base: '3', md: '6' }} py="3" maxH="55dvh" overflowY="auto">
                    <Findings
                        {...props}
                        onPick={(finding) => {
                            setOpen(false);
                            props.onPick(finding);
                        }}
                    />
                </Box>
            )}
            <Button
                width="100%"
                borderWidth="0"
                aria-expanded={open}
                color={grave > 0 ? 'caution' : 'ink'}
                onClick={() => setOpen(!open)}
            >
                {open ? 'Close the findings' : grave === 0 ? 'Nothing to mend' : `${grave} to look at`}
            </Button>
        </Box>
    );
}
