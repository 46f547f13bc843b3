import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { useDates } from '../lib/dates';
import { useAnswer } from '../lib/useAnswer';
import { ChoiceField } from '../parts/ChoiceField';
import { SockCurve } from './SockCurve';
import { type NoStop, type StopState } from './types';

/** What the journal and the model say of a stop: asked for when it is opened. */
export function StopPanel({ systemId, item, kind }: { systemId: number; item: string; kind: string }) {
    const [isOpen, setOpen] = useState(false);
    const title = TITLES[kind];
    if (title === undefined) {
        return null;
    }
    return (
        <chakra.details onToggle={(event) => setOpen(event.currentTarget.open)}>
            <chakra.summary
                cursor="pointer"
                fontSize="sm"
                fontWeight="600"
                width="fit-content"
                minH={{ base: '44px', md: '28px' }}
                alignContent="center"
            >
                {title}
            </chakra.summary>
            {isOpen && <State url={`/systems/${systemId}/stops/${item}`} />}
        </chakra.details>
    );
}

const TITLES: Record<string, string | undefined> = {
    sock: 'Is the sock helping?',
    roller: 'How is the fleece doing?',
    skimmer: 'What is wrong with the foam?',
};

function State({ url }: { url: string }) {
    const state = useAnswer(url) as StopState | NoStop | null;
    if (state === null) {
        return <p aria-live="polite">Looking it up.</p>;
    }
    if (state.missing !== null) {
        return <p aria-live="polite">{state.missing}</p>;
    }
    return (
        <Box fontSize="sm" pt="1" aria-live="polite">
            {state.sock !== null &&
                (state.sock.curve === null ? (
                    <p>{state.sock.missing?.sentence}</p>
                ) : (
                    <SockCurve sock={state.sock.curve} />
                ))}
            {state.roller !== null && <Roller roller={state.roller} />}
            {state.skimmer !== null && <Skimmer skimmer={state.skimmer} />}
        </Box>
    );
}

function Roller({ roller }: { roller: NonNullable<StopState['roller']> }) {
    const dates = useDates();
    return (
        <Box display="grid" gap="1" maxWidth="46rem">
            <p>
                {roller.pace === null
                    ? 'How fast the fleece winds on is not known.'
                    : `It winds on ${roller.pace} of fleece a day.`}{' '}
                Waste stays on it about {roller.stay}
                {roller.pace === null ? ', our estimate' : ''}.
            </p>
            {roller.empty !== null && (
                <p>
                    {roller.left} is left. It is empty about {dates.day(roller.empty[0])}, between{' '}
                    {dates.day(roller.empty[1])} and {dates.day(roller.empty[2])}: have the next roll before then.
                </p>
            )}
            {roller.empty === null && (
                <p>
                    {roller.left === null ? 'No length is logged. ' : `${roller.left} is left. `}
                    Log what is left twice, some days apart, and the day on which the roll is empty stands here: press L
                    and write, for example, <chakra.code>fleece 14 m left</chakra.code>.
                </p>
            )}
        </Box>
    );
}

function Skimmer({ skimmer }: { skimmer: NonNullable<StopState['skimmer']> }) {
    const [foam, setFoam] = useState('');
    const dates = useDates();
    const picked = skimmer.foams.find(({ key }) => key === foam);
    return (
        <Box display="grid" gap="2" maxWidth="46rem">
            {skimmer.offSince !== null && (
                <chakra.p color="caution" fontWeight="600">
                    Caution: off since {dates.day(skimmer.offSince)}.
                </chakra.p>
            )}
            <Box maxWidth="24rem">
                <ChoiceField
                    label="The foam is"
                    value={foam}
                    options={[['', 'as it should be'], ...skimmer.foams.map(({ key, label }) => [key, label] as const)]}
                    onPick={setFoam}
                />
            </Box>
            {picked && (
                <>
                    <chakra.ol pl="6" listStyleType="decimal" display="grid" gap="1">
                        {picked.causes.map((cause) => (
                            <li key={cause.what}>
                                {cause.what} {cause.because !== null && <chakra.b>{`${cause.because} `}</chakra.b>}
                                {cause.does}
                            </li>
                        ))}
                    </chakra.ol>
                    <chakra.p color="quiet">
                        Common practice; what the journal points to stands first. Change one thing, then wait a day.
                        Unplug the pump before your hands go in.
                    </chakra.p>
                </>
            )}
        </Box>
    );
}
