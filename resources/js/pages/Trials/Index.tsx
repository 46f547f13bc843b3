import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';
import { ChoiceField } from '../../parts/ChoiceField';
import { PlanForm } from '../../trials/PlanForm';
import { TankForm } from '../../trials/TankForm';
import { type NextPlan } from '../../trials/types';

interface Listed {
    id: number;
    system: number;
    tank: string;
    isHere: boolean;
    question: string;
    form: string;
    state: string;
    says: string;
}

interface Trials {
    mayPlan: boolean;
    /** What can be read, by key and name. */
    parameters: [string, string][];
    /** What each is read in, by key. */
    units: Record<string, string>;
    nutrients: [string, string][];
    foods: [string, string][];
    forms: [string, string][];
    sides: number[];
    caution: string;
    tank: string;
    others: [number, string][];
    list: Listed[];
}

const UNITS = 'units';

/** The trials of your tanks, and the plan of a new one. */
export default function Index({ frame, trials, from }: { frame: SystemFrame; trials: Trials; from: NextPlan | null }) {
    const [place, setPlace] = useState(from !== null && from.form !== UNITS ? 'tank' : UNITS);
    const here = trials.list.filter(({ isHere }) => isHere);
    const elsewhere = trials.list.filter(({ isHere }) => !isHere);
    return (
        <Frame title="Trials" area="Trials" frame={frame}>
            <chakra.h1 fontSize="2xl">Trials</chakra.h1>
            {here.length === 0 && (
                <chakra.p mb="3">
                    No trial yet. A fair test has a control, two or more units per arm, and a last day that you set
                    beforehand.
                </chakra.p>
            )}
            <List list={here} />
            {elsewhere.length > 0 && (
                <>
                    <chakra.h2 fontSize="lg">In your other tanks</chakra.h2>
                    <List list={elsewhere} />
                </>
            )}
            {trials.mayPlan && (
                <Box key={from?.id}>
                    <chakra.h2 id="plan" fontSize="lg" mb="2">
                        Plan a trial
                    </chakra.h2>
                    {from !== null && (
                        <Box borderLeftWidth="3px" borderColor="caution" pl="3" mb="3" maxWidth="46rem">
                            <p>
                                <b>{`This plan starts from “${from.question}”.`}</b>
                                {from.learned.length > 0 ? ' What went wrong there:' : ' Nothing went wrong there.'}
                            </p>
                            <chakra.ul pl="4" listStyleType="disc">
                                {from.learned.map((one) => (
                                    <li key={one}>{one}</li>
                                ))}
                            </chakra.ul>
                        </Box>
                    )}
                    <Box maxWidth="23rem" mb="3">
                        <ChoiceField
                            label="Where"
                            value={place}
                            options={[
                                [UNITS, 'In jars or boxes'],
                                ['tank', 'In your own tanks'],
                            ]}
                            onPick={setPlace}
                        />
                    </Box>
                    {place === UNITS ? (
                        <PlanForm
                            systemId={frame.id}
                            parameters={trials.parameters}
                            units={trials.units}
                            foods={trials.foods}
                            from={from?.form === UNITS ? from : null}
                        />
                    ) : (
                        <TankForm systemId={frame.id} {...trials} from={from?.form === UNITS ? null : from} />
                    )}
                    <FileForm systemId={frame.id} />
                </Box>
            )}
        </Frame>
    );
}

function List({ list }: { list: Listed[] }) {
    return list.length === 0 ? null : (
        <chakra.ul listStyleType="none" borderTopWidth="1px" my="3" maxWidth="46rem">
            {list.map((one) => (
                <chakra.li key={one.id} borderBottomWidth="1px" py="2">
                    <Link href={`/systems/${one.system}/trials/${one.id}`}>{one.question}</Link>
                    <chakra.span color="quiet">
                        {` · ${one.state} · ${one.form}`}
                        {one.isHere ? '' : ` · ${one.tank}`}
                    </chakra.span>
                    <p>{one.says}</p>
                </chakra.li>
            ))}
        </chakra.ul>
    );
}

/** A trial that another household gave as a file. */
function FileForm({ systemId }: { systemId: number }) {
    const [refused, setRefused] = useState<string>();
    return (
        <chakra.details mt="3">
            <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                Open a trial from a file
            </chakra.summary>
            <input
                type="file"
                aria-label="Trial file"
                accept="application/json,.json"
                onChange={(event) => {
                    void event.target.files?.[0]?.text().then((file) => {
                        router.post(
                            `/systems/${systemId}/trials`,
                            { file },
                            { preserveScroll: true, onError: (errors) => setRefused(Object.values(errors).join(' ')) },
                        );
                    });
                }}
            />
            {refused !== undefined && (
                <chakra.p role="alert" color="fault" fontSize="sm">
                    {refused}
                </chakra.p>
            )}
        </chakra.details>
    );
}
