import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type Finding } from '../lib/page';
import { Button } from '../parts/Button';
import { FindingList } from '../parts/FindingList';

export interface Silence {
    finding: Finding;
    /** What the forecast does until it is answered. */
    carries: string;
    /** The lines of the log that answer it. */
    same: string;
    stopped: string;
}

/** Asks whether routines go on of which nothing was logged for long; one press answers. */
export function Silences({ systemId, silences }: { systemId: number; silences: Silence[] }) {
    const log = (line: string) => router.post(`/systems/${systemId}/journal`, { line }, { preserveScroll: true });
    return (
        <>
            {silences.map(({ finding, carries, same, stopped }) => (
                <Box key={same} my="3" maxWidth="44rem" role="group" aria-label={finding.title}>
                    <FindingList findings={[finding]} />
                    <chakra.p fontSize="sm" ps="28px">
                        {carries}
                    </chakra.p>
                    <Box display="flex" flexWrap="wrap" gap="2" ps="28px" mt="1">
                        <Button onClick={() => log(same)}>Still the same</Button>
                        <Button onClick={() => log(stopped)}>It stopped</Button>
                    </Box>
                </Box>
            ))}
        </>
    );
}
