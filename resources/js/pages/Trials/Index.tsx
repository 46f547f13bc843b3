import { chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';
import { PlanForm } from '../../trials/PlanForm';

interface Trials {
    mayPlan: boolean;
    /** What can be read, by key and name. */
    parameters: [string, string][];
    list: { id: number; question: string; state: string; says: string }[];
}

/** Trials of this household, and the plan of a new one. */
export default function Index({ frame, trials }: { frame: SystemFrame; trials: Trials }) {
    return (
        <Frame title="Trials" area="Trials" frame={frame}>
            <chakra.h1 fontSize="2xl">Trials</chakra.h1>
            {trials.list.length === 0 ? (
                <chakra.p mb="3">
                    No trial yet. A fair test has a control, two or more units an arm, and a last day that is set
                    beforehand.
                </chakra.p>
            ) : (
                <chakra.ul listStyleType="none" borderTopWidth="1px" my="3" maxWidth="46rem">
                    {trials.list.map((one) => (
                        <chakra.li key={one.id} borderBottomWidth="1px" py="2">
                            <Link href={`/systems/${frame.id}/trials/${one.id}`}>{one.question}</Link>
                            <chakra.span color="quiet">{` · ${one.state}`}</chakra.span>
                            <p>{one.says}</p>
                        </chakra.li>
                    ))}
                </chakra.ul>
            )}
            {trials.mayPlan && (
                <>
                    <chakra.h2 fontSize="lg" mb="2">
                        Plan a trial
                    </chakra.h2>
                    <PlanForm systemId={frame.id} parameters={trials.parameters} />
                </>
            )}
        </Frame>
    );
}
