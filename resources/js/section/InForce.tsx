import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';

/** A sump that has been in force since a day. */
export interface SumpRevision {
    id: number;
    since: number;
    inForce: boolean;
    /** Whether the saved design is the same still. */
    same: boolean;
}

/** The sumps that have been in force, the latest first. */
export function InForce({ systemId, revisions }: { systemId: number; revisions: SumpRevision[] }) {
    const { day } = useDates();
    if (revisions.length === 0) {
        return (
            <Box fontSize="sm" color="quiet">
                None yet. While none is, the working volume counts the sump water and the flow that you describe under
                Path, Water.
            </Box>
        );
    }
    return revisions.map((revision) => (
        <Box key={revision.id} display="flex" alignItems="center" columnGap="4" fontSize="sm" borderBottomWidth="1px">
            <Box flex="1" py="1">
                since {day(revision.since)}
                {revision.inForce && ', now'}
                {revision.inForce && !revision.same && (
                    <chakra.span color="quiet">, drawn differently since</chakra.span>
                )}
            </Box>
            <Button
                look="plain"
                aria-label={`Take back the sump since ${day(revision.since)}`}
                onClick={() => router.post(`/systems/${systemId}/sump-revisions/${revision.id}/take-back`)}
            >
                Take back
            </Button>
        </Box>
    ));
}
