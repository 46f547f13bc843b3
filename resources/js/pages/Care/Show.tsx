import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { useEffect } from 'react';
import { Calendar } from '../../care/Calendar';
import { DaysOff } from '../../care/DaysOff';
import { FourWeeks } from '../../care/FourWeeks';
import { OffNow } from '../../care/OffNow';
import { type Cut, PowerCut } from '../../care/PowerCut';
import { Proposals } from '../../care/Proposals';
import { TaskRow } from '../../care/TaskRow';
import { type Care } from '../../care/types';
import { Silences } from '../../forecast/Silences';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';

/** Today: what is due on every tank, done by one key or one touch. */
export default function Show({ frame, care, powerCut }: { frame: SystemFrame; care: Care; powerCut: Cut }) {
    const tasks = care.tanks.reduce((sum, tank) => sum + tank.due.length, 0);
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const typing = event.target instanceof Element && event.target.closest('input, textarea, select') !== null;
            if (!typing && !event.ctrlKey && !event.metaKey && !event.altKey && /^[1-9]$/.test(event.key)) {
                document.querySelector<HTMLButtonElement>(`[data-task="${event.key}"]`)?.click();
            }
        };
        document.addEventListener('keydown', press);
        return () => document.removeEventListener('keydown', press);
    }, []);
    const here = care.tanks.find(({ id }) => id === frame.id);
    let number = 0;
    return (
        <Frame
            title="Care"
            area="Care"
            frame={frame}
            aside={
                <Box display="grid" gap="4">
                    <Box>
                        <chakra.h2 fontSize="lg" mb="1">
                            Next four weeks
                        </chakra.h2>
                        <FourWeeks weeks={care.weeks} />
                    </Box>
                    {care.proposals.length > 0 && (
                        <Box borderTopWidth="1px" pt="3">
                            <chakra.h2 fontSize="lg" mb="1">
                                A proposal
                            </chakra.h2>
                            <Proposals proposals={care.proposals} />
                        </Box>
                    )}
                    {here?.mayPlan === true && <DaysOff tank={here} />}
                    <Calendar feeds={care.feeds} people={care.people} />
                    <PowerCut cut={powerCut} tank={frame.name} />
                </Box>
            }
        >
            <Box display="flex" gap="3" alignItems="baseline" flexWrap="wrap" mb="2">
                <chakra.h1 fontSize="2xl">Today</chakra.h1>
                <chakra.p color="quiet">
                    {`${care.day} · ${tasks === 0 ? 'nothing is due' : `${tasks} ${tasks === 1 ? 'task' : 'tasks'} · about ${care.minutes} minutes`}`}
                </chakra.p>
                <Box flex="1" />
                <Box fontSize="sm" display="flex" gap="3" flexWrap="wrap">
                    <Link href={`/systems/${frame.id}/care/stock`}>Stock</Link>
                    <Link href={`/systems/${frame.id}/care/costs`}>Costs</Link>
                    <Link href={`/systems/${frame.id}/care/incidents`}>Incidents and starts</Link>
                    {here?.mayLog === true && (
                        <Link href={`/systems/${frame.id}/care/sitters`}>Sheet for a sitter</Link>
                    )}
                </Box>
            </Box>
            {care.tanks.map((tank) => (
                <Box as="section" key={tank.id} mb="6" aria-label={tank.name}>
                    {care.tanks.length > 1 && (
                        <chakra.h2 fontSize="lg">
                            <Link href={`/systems/${tank.id}/care`}>{tank.name}</Link>
                        </chakra.h2>
                    )}
                    <Silences systemId={tank.id} silences={tank.silences} />
                    <OffNow tank={tank} />
                    {tank.firstHour !== null && (
                        <p>
                            <Link href={`/systems/${tank.id}/care/incidents`}>Watch the first hour</Link>
                            {`: ${tank.firstHour}.`}
                        </p>
                    )}
                    {tank.alerts > 0 && (
                        <p>
                            <Link href={`/systems/${tank.id}/journal`}>
                                {tank.alerts === 1 ? '1 alert' : `${tank.alerts} alerts`} in the journal
                            </Link>
                        </p>
                    )}
                    <chakra.ul listStyleType="none" borderTopWidth="1px" mt="1">
                        {tank.due.map((task) => (
                            <TaskRow key={task.key} tank={tank} task={task} number={++number} />
                        ))}
                        {tank.done.map((task) => (
                            <TaskRow key={`done ${task.key}`} tank={tank} task={task} number={null} />
                        ))}
                    </chakra.ul>
                    {tank.due.length === 0 && tank.done.length === 0 && (
                        <chakra.p py="2" color="quiet">
                            {tank.unknown.length === 0
                                ? 'Nothing is due today.'
                                : 'Of what was ever logged here, nothing is due today.'}
                        </chakra.p>
                    )}
                    {tank.next !== null && (
                        <chakra.p fontSize="sm" color="quiet" mt="2">
                            {tank.next}.
                        </chakra.p>
                    )}
                    {tank.fleece !== null && (
                        <chakra.p fontSize="sm" mt="2">
                            {tank.fleece}
                        </chakra.p>
                    )}
                    {tank.socks !== null && (
                        <chakra.details mt="2">
                            <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                                Socks to own and to wash
                            </chakra.summary>
                            <p>{tank.socks.says}</p>
                            {tank.socks.counts.length === 0 ? (
                                <p>
                                    <Link href={`/systems/${tank.id}/care/stock`}>Add your socks to the stock</Link> to
                                    see how many are clean.
                                </p>
                            ) : (
                                tank.socks.counts.map((count) => <p key={count}>{count}</p>)
                            )}
                            {tank.socks.approaches.map((one) => (
                                <chakra.p key={one.name} mt="1">
                                    <chakra.b>{one.name}.</chakra.b> {one.says}
                                </chakra.p>
                            ))}
                            <chakra.p color="caution" fontSize="sm">
                                Caution: {tank.socks.caution}
                            </chakra.p>
                        </chakra.details>
                    )}
                    {tank.later.length > 0 && (
                        <chakra.details mt="2">
                            <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                                Coming up ({tank.later.length})
                            </chakra.summary>
                            <chakra.ul listStyleType="none">
                                {tank.later.map((task) => (
                                    <TaskRow key={task.key} tank={tank} task={task} number={null} />
                                ))}
                            </chakra.ul>
                        </chakra.details>
                    )}
                    {tank.unknown.length > 0 && (
                        <chakra.details mt="2">
                            <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                                Not logged yet ({tank.unknown.length})
                            </chakra.summary>
                            <chakra.p fontSize="sm" color="quiet">
                                You have not said when these were done, so none is due. Tick one when you do it, or set
                                its interval.
                            </chakra.p>
                            <chakra.ul listStyleType="none">
                                {tank.unknown.map((task) => (
                                    <TaskRow key={task.key} tank={tank} task={task} number={null} />
                                ))}
                            </chakra.ul>
                        </chakra.details>
                    )}
                </Box>
            ))}
        </Frame>
    );
}
