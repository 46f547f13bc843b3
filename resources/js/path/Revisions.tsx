import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';
import { type PathChoice } from './types';

/** The paths that have been in force, the latest first. */
export function Revisions({ systemId, revisions }: { systemId: number; revisions: PathChoice[] }) {
    const { day } = useDates();
    if (revisions.length === 0) {
        return null;
    }
    return (
        <chakra.section mt="5" borderTopWidth="1px" pt="3">
            <chakra.h2 fontSize="md">In force</chakra.h2>
            {revisions.map((revision) => (
                <Box
                    key={revision.id}
                    display="flex"
                    flexWrap="wrap"
                    alignItems="center"
                    columnGap="4"
                    fontSize="sm"
                    borderBottomWidth="1px"
                >
                    <Box width="13rem" py="1">
                        since {day(revision.since ?? 0)}
                        {revision.inForce === true && ', now'}
                    </Box>
                    <Box flex="1 1 8rem">{revision.name}</Box>
                    <Button
                        look="plain"
                        onClick={() => router.post(`/systems/${systemId}/drafts`, { copy: revision.mark })}
                    >
                        Copy to a draft
                    </Button>
                    <Button
                        look="plain"
                        aria-label={`Take back ${revision.name} since ${day(revision.since ?? 0)}`}
                        onClick={() => router.post(`/systems/${systemId}/path-revisions/${revision.id}/take-back`)}
                    >
                        Take back
                    </Button>
                </Box>
            ))}
        </chakra.section>
    );
}
