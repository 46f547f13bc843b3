import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure, useUnits } from '../../lib/figures';
import { type Finding, type SystemFrame } from '../../lib/page';
import { useMoney } from '../../lib/money';
import { ChoiceField } from '../../parts/ChoiceField';
import { FindingList } from '../../parts/FindingList';
import { PathTabs } from '../../path/PathTabs';
import { type PathChoice, type Review } from '../../path/types';

interface Side {
    mark: string;
    name: string;
    review: Review;
}

interface Props {
    frame: SystemFrame;
    choices: PathChoice[];
    sides: [] | [Side, Side];
    changes: { what: string; item: string; detail: string }[];
}

/** Two paths side by side: what differs, what each takes, and what a reviewer would say of one and not of the other. */
export default function Compare({ frame, choices, sides, changes }: Props) {
    const { day } = useDates();
    const [one, other] = sides.length === 0 ? [null, null] : sides;
    const options = choices.map((choice): [string, string] => [
        choice.mark,
        choice.since === undefined ? `${choice.name} (draft)` : `${choice.name}, in force since ${day(choice.since)}`,
    ]);
    const ask = (a: string, b: string) =>
        router.visit(`/systems/${frame.id}/path/compare?a=${a}&b=${b}`, { preserveScroll: true });
    return (
        <Frame title="Compare paths" area="Path" frame={frame}>
            <PathTabs systemId={frame.id} tab="Compare" />
            <chakra.h1 fontSize="xl" mb="3">
                Compare two paths
            </chakra.h1>
            {one === null ? (
                <p>There is no path yet. Lay one out first; a copy of it makes a second to compare with.</p>
            ) : (
                <>
                    <Box
                        display="grid"
                        gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '1fr 1fr' }}
                        gap={{ base: '3', md: '8' }}
                        mb="4"
                    >
                        <ChoiceField
                            label="One path"
                            value={one.mark}
                            options={options}
                            onPick={(mark) => ask(mark, other.mark)}
                        />
                        <ChoiceField
                            label="The other"
                            value={other.mark}
                            options={options}
                            onPick={(mark) => ask(one.mark, mark)}
                        />
                    </Box>
                    <Figures one={one} other={other} />
                    <chakra.h2 fontSize="lg" mt="6" mb="1">
                        From {one.name} to {other.name === one.name ? 'the other' : other.name}
                    </chakra.h2>
                    {changes.length === 0 ? (
                        <p>Nothing: the two are the same.</p>
                    ) : (
                        <chakra.table width="100%" fontSize="sm">
                            <chakra.caption srOnly>From one path to the other</chakra.caption>
                            <tbody>
                                {changes.map((change, i) => (
                                    <chakra.tr key={i} borderTopWidth="1px" verticalAlign="top">
                                        <chakra.td width="6rem" py="1" color="quiet">
                                            {change.what}
                                        </chakra.td>
                                        <chakra.th scope="row" textAlign="left" py="1" pr="4" width={{ md: '14rem' }}>
                                            {change.item}
                                        </chakra.th>
                                        <chakra.td py="1">{change.detail}</chakra.td>
                                    </chakra.tr>
                                ))}
                            </tbody>
                        </chakra.table>
                    )}
                    <Box display="grid" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="8" mt="6">
                        <Only title={`Only in ${one.name}`} findings={onlyIn(one, other)} />
                        <Only title={`Only in ${other.name}, the other`} findings={onlyIn(other, one)} />
                    </Box>
                </>
            )}
        </Frame>
    );
}

function onlyIn(one: Side, other: Side): Finding[] {
    const said = new Set(other.review.findings.map((finding) => finding.sentence));
    return one.review.findings.filter((finding) => !said.has(finding.sentence));
}

function Only({ title, findings }: { title: string; findings: Finding[] }) {
    return (
        <section>
            <chakra.h2 fontSize="md" mb="2">
                {title}
            </chakra.h2>
            {findings.length === 0 ? (
                <Box fontSize="sm">Nothing that the other has not.</Box>
            ) : (
                <FindingList findings={findings} />
            )}
        </section>
    );
}

function Figures({ one, other }: { one: Side; other: Side }) {
    const { show } = useUnits();
    const money = useMoney();
    const rows: [string, (review: Review) => string][] = [
        [
            'flow',
            (review) => (review.flowLitresPerHour === null ? 'not given' : show(review.flowLitresPerHour, 'flow')),
        ],
        ['working volume', (review) => show(review.workingLitres, 'volume')],
        [
            'faults and cautions',
            (review) =>
                String(review.findings.filter(({ severity }) => severity === 'fault' || severity === 'caution').length),
        ],
        ['pumps', (review) => String(review.sizing.pumps)],
        ['sockets', (review) => String(review.sizing.sockets)],
        ['power', (review) => `${figure(review.sizing.watts, 0)} W`],
        ['energy a year', (review) => `${figure(review.sizing.kilowattHoursAYear, 0)} kWh`],
        ['its cost', (review) => money(review.sizing.costAYear, 2)],
    ];
    return (
        <chakra.table fontSize="sm" width="100%" maxWidth="46rem">
            <chakra.caption srOnly>Figures of both</chakra.caption>
            <thead>
                <tr>
                    <th aria-label="Figure" />
                    {[one, other].map((side, i) => (
                        <chakra.th key={i} scope="col" textAlign="right" pl="4" fontWeight="700">
                            {side.name}
                        </chakra.th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map(([name, of]) => (
                    <chakra.tr key={name} borderTopWidth="1px">
                        <chakra.th scope="row" textAlign="left" fontWeight="400" py="1">
                            {name}
                        </chakra.th>
                        {[one, other].map((side, i) => (
                            <chakra.td key={i} textAlign="right" pl="4" fontFamily="figure">
                                {of(side.review)}
                            </chakra.td>
                        ))}
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}
