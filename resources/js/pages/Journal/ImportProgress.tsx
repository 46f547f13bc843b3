import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { useAskAgain } from '../../lib/askAgain';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { ProgressBar } from '../../parts/ProgressBar';

interface State {
    is: 'waits' | 'runs' | 'done' | 'failed';
    /** Of the file: where it is, and where it ends. */
    line: number;
    lines: number;
    saved: number;
    leftOut: number;
    why: string[];
    problem: string | null;
    takeBack: string | null;
}

/** How far the import of a long table is, and what came of it. */
export default function ImportProgress({ frame, file, state }: { frame: SystemFrame; file: string; state: State }) {
    const isUnderWay = state.is === 'waits' || state.is === 'runs';
    useAskAgain(isUnderWay, ['state']);
    return (
        <Frame title="Import of a long table" area="Journal" frame={frame}>
            <Box maxWidth="44rem">
                <chakra.h1 fontSize="xl" mb="2" overflowWrap="anywhere">
                    Import of {file}
                </chakra.h1>
                <Box aria-live="polite">
                    {state.is === 'waits' && (
                        <p>It waits for its turn. If this takes long, check that the Ithys worker runs.</p>
                    )}
                    {state.is === 'runs' && (
                        <>
                            <ProgressBar label="Rows read" done={state.line} of={state.lines} />
                            <p>
                                Line {figure(state.line)} of {figure(state.lines)}. You can leave this page; the journal
                                shows the entries when all are saved.
                            </p>
                        </>
                    )}
                    {state.is === 'failed' && (
                        <chakra.p color="fault" fontWeight="600">
                            {state.problem}
                        </chakra.p>
                    )}
                    {state.is === 'done' && (
                        <p>
                            {state.saved === 0
                                ? 'Nothing new in the file: no entry was added.'
                                : `${figure(state.saved)} ${state.saved === 1 ? 'entry' : 'entries'} imported.`}
                            {state.leftOut > 0 &&
                                ` In ${figure(state.leftOut)} ${state.leftOut === 1 ? 'row' : 'rows'} something was left out.`}
                        </p>
                    )}
                </Box>
                {state.why.length > 0 && (
                    <chakra.ul ps="5" my="3" listStyleType="disc" aria-label="What was left out">
                        {state.why.map((why) => (
                            <chakra.li key={why} overflowWrap="anywhere">
                                {why}
                            </chakra.li>
                        ))}
                        {state.leftOut > state.why.length && (
                            <li>and {figure(state.leftOut - state.why.length)} more</li>
                        )}
                    </chakra.ul>
                )}
                {!isUnderWay && (
                    <Box display="flex" flexWrap="wrap" gap="4" alignItems="center" mt="3">
                        <Link href={`/systems/${frame.id}/journal?range=all`}>Open the journal</Link>
                        <Link href={`/systems/${frame.id}/import`}>Choose another file</Link>
                        {state.takeBack !== null && (
                            <Button
                                onClick={() => {
                                    if (state.takeBack !== null) {
                                        router.post(state.takeBack);
                                    }
                                }}
                            >
                                Take it back
                            </Button>
                        )}
                    </Box>
                )}
            </Box>
        </Frame>
    );
}
