import { Box, chakra } from '@chakra-ui/react';
import { type Finding } from '../lib/page';
import { FindingList } from '../parts/FindingList';
import { Pin } from '../parts/Pin';
import { Figures } from './Figures';
import { type Choices, type SectionView } from './types';

/** The reading column of a sump: what is wrong, what is right, and its figures. */
export function Reading({
    view,
    pins,
    stale,
    length,
}: {
    view: SectionView;
    pins: Map<Finding, number>;
    stale: boolean;
    length: Choices['length'];
}) {
    const grave = view.findings.filter((finding) => pins.has(finding));
    const rest = view.findings.filter((finding) => !pins.has(finding));
    return (
        <>
            <chakra.h2 fontSize="lg">Findings</chakra.h2>
            <Box
                fontSize="sm"
                color={stale ? 'caution' : 'quiet'}
                fontWeight={stale ? '600' : '400'}
                aria-live="polite"
                mb="2"
            >
                {stale
                    ? 'Of the sump before the last change; a figure cannot be read yet.'
                    : grave.length === 0
                      ? 'nothing to mend'
                      : `${grave.length} to look at`}
            </Box>
            <FindingList
                findings={grave}
                mark={(finding) => <Pin number={pins.get(finding) ?? 0} severity={finding.severity} />}
            />
            {rest.length > 0 && (
                <chakra.details mt="3">
                    <chakra.summary cursor="pointer" fontWeight="600" fontSize="sm" mb="2">
                        {rest.length} that {rest.length === 1 ? 'is' : 'are'} right or only worth knowing
                    </chakra.summary>
                    <FindingList findings={rest} />
                </chakra.details>
            )}
            <Figures view={view} length={length} />
            <chakra.p mt="3" fontSize="xs" color="quiet">
                Our figures are a check, not a certificate. The tank maker or a glazier decides on glass. A full sump is
                not lifted.
            </chakra.p>
        </>
    );
}
