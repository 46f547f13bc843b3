import { chakra } from '@chakra-ui/react';
import { type Finding } from '../lib/page';
import { PinnedFindings } from '../parts/PinnedFindings';
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
    return (
        <>
            <chakra.h2 fontSize="lg">Findings</chakra.h2>
            <PinnedFindings findings={view.findings} pins={pins} stale={stale} />
            <Figures view={view} length={length} />
            <chakra.p mt="3" fontSize="xs" color="quiet">
                Our figures are a check, not a certificate. The tank maker or a glazier decides on glass. A full sump is
                not lifted.
            </chakra.p>
        </>
    );
}
