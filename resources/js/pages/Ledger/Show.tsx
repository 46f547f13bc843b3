import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { type Finding, type SystemFrame } from '../../lib/page';
import { Residuals } from '../../ledger/Residuals';
import { River } from '../../ledger/River';
import { type ElementLedger, type Learned, type LedgerLine, type Residual } from '../../ledger/types';
import { type Learning, LearningLine } from '../../parts/LearningLine';
import { Button } from '../../parts/Button';
import { FindingList } from '../../parts/FindingList';
import { useParameter } from '../../tide/parameters';
import { useWidth } from '../../tide/useWidth';

interface Props {
    frame: SystemFrame;
    ledger: {
        missing: { sentence: string; line: string } | null;
        weeks?: number;
        elements?: ElementLedger[];
        remarks?: Finding[];
        learned?: Learned[];
        residuals?: Residual[];
        fitIsDone?: boolean | null;
    };
    learning: Learning;
    choices: number[];
}

export default function Show({ frame, ledger, learning, choices }: Props) {
    const named = useParameter();
    const [box, width] = useWidth();
    const weeks = ledger.weeks ?? 12;
    const url = `/systems/${frame.id}`;
    return (
        <Frame
            title="Ledger"
            area="Ledger"
            frame={frame}
            {...(ledger.missing === null && {
                aside: <Aside systemId={frame.id} ledger={ledger} learning={learning} />,
            })}
        >
            <chakra.h1 srOnly>Ledger of {frame.name}</chakra.h1>
            {ledger.missing !== null ? (
                <Box maxWidth="36rem" py="6">
                    <chakra.h2 fontSize="lg" mb="2">
                        The ledger cannot be reckoned yet
                    </chakra.h2>
                    <chakra.p mb="3">{ledger.missing.sentence}</chakra.p>
                    {ledger.missing.line !== '' && (
                        <p>
                            Press L and write, for example, <chakra.code>{ledger.missing.line}</chakra.code>.
                        </p>
                    )}
                </Box>
            ) : (
                <Box ref={box}>
                    <Box role="group" aria-label="Time" display="flex" flexWrap="wrap" mb="3">
                        {choices.map((choice) => (
                            <Button
                                key={choice}
                                look={Math.round(weeks) === choice ? 'solid' : 'line'}
                                aria-pressed={Math.round(weeks) === choice}
                                borderRadius="0"
                                marginLeft="-1px"
                                minH={{ base: '44px', md: '28px' }}
                                onClick={() =>
                                    router.get(
                                        `${url}/ledger`,
                                        { weeks: choice },
                                        { preserveScroll: true, preserveState: true, replace: true },
                                    )
                                }
                            >
                                {choice} weeks
                            </Button>
                        ))}
                        <Box alignSelf="center" ml="3" fontSize="sm">
                            <Link href={`${url}/ledger/why`}>Why did it change?</Link>
                        </Box>
                        <chakra.span alignSelf="center" ml="3" fontSize="sm" color="quiet">
                            {figure(weeks, 1)} weeks are known. Solid: logged. Pale: modelled. Dotted: stores. Dashed:
                            unexplained.
                        </chakra.span>
                    </Box>
                    {(ledger.elements ?? []).map((element) => (
                        <chakra.section key={element.key} mb="6">
                            <chakra.h2 fontSize="lg" mb="1">
                                {element.name}
                            </chakra.h2>
                            <chakra.p mb="2" maxWidth="46rem">
                                {element.story.join(' ')}
                            </chakra.p>
                            {width >= 620 && (
                                <River ledger={element} parameter={named(element.parameter)} width={width} />
                            )}
                            <details open={width > 0 && width < 620}>
                                <chakra.summary fontSize="sm" cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                                    {element.name} as a table
                                </chakra.summary>
                                <Lines element={element} url={url} />
                            </details>
                        </chakra.section>
                    ))}
                </Box>
            )}
        </Frame>
    );
}

function Lines({ element, url }: { element: ElementLedger; url: string }) {
    const sides: [string, LedgerLine[]][] = [
        ['In', element.in],
        ['Out', element.out],
        ['Taken up by stores', element.stores],
        ['Gained beyond the ledger', element.unexplained === null ? [] : [element.unexplained]],
    ];
    return (
        <chakra.table width="100%" maxWidth="46rem" fontSize="sm">
            <thead>
                <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                    <th scope="col">{element.name}</th>
                    <chakra.th scope="col" textAlign="right">
                        mg a week
                    </chakra.th>
                    <chakra.th scope="col" textAlign="right">
                        ppm a week
                    </chakra.th>
                    <chakra.th scope="col" pl="4">
                        From
                    </chakra.th>
                </chakra.tr>
            </thead>
            {sides.map(
                ([side, lines]) =>
                    lines.length > 0 && (
                        <tbody key={side}>
                            <tr>
                                <chakra.th scope="rowgroup" colSpan={4} textAlign="left" pt="2">
                                    {side}
                                </chakra.th>
                            </tr>
                            {lines.map((line) => (
                                <chakra.tr key={line.key} borderBottomWidth="1px">
                                    <td>{line.label}</td>
                                    <chakra.td textAlign="right" fontFamily="figure">
                                        {figure(line.mg)}
                                    </chakra.td>
                                    <chakra.td textAlign="right" fontFamily="figure">
                                        {figure(line.ppm)}
                                    </chakra.td>
                                    <chakra.td pl="4">
                                        {line.assumption === null ? (
                                            line.origin
                                        ) : (
                                            <Link href={`${url}/assumptions#${line.assumption}`}>
                                                {line.origin}
                                                <chakra.span srOnly>, what {line.label} rests on</chakra.span>
                                            </Link>
                                        )}
                                        {line.entries !== null && (
                                            <>
                                                {' · '}
                                                <Link
                                                    href={`${url}/journal?view=table&range=1y&words=${encodeURIComponent(line.entries)}`}
                                                >
                                                    entries
                                                    <chakra.span srOnly> behind {line.label}</chakra.span>
                                                </Link>
                                            </>
                                        )}
                                    </chakra.td>
                                </chakra.tr>
                            ))}
                        </tbody>
                    ),
            )}
        </chakra.table>
    );
}

/** What was learned from the readings, how well it fits, and what had to be assumed. */
function Aside({ systemId, ledger, learning }: { systemId: number; ledger: Props['ledger']; learning: Learning }) {
    const named = useParameter();
    const learned = ledger.learned ?? [];
    const parameters = (ledger.elements ?? []).map(({ parameter }) => named(parameter));
    return (
        <Box display="grid" gap="4">
            <div>
                <chakra.h2 fontSize="lg" mb="1">
                    Learned from your readings
                </chakra.h2>
                <LearningLine learning={learning} only={['ledger']} />
                {ledger.fitIsDone === false && (
                    <chakra.p fontSize="sm" color="caution">
                        The fit did not settle. Read these figures with care.
                    </chakra.p>
                )}
            </div>
            {learned.length > 0 && (
                <>
                    <chakra.table fontSize="sm" width="100%">
                        <thead>
                            <chakra.tr textAlign="left" borderBottomWidth="1px">
                                <chakra.th scope="col">Times the default</chakra.th>
                                <chakra.th scope="col" textAlign="right">
                                    90 %
                                </chakra.th>
                            </chakra.tr>
                        </thead>
                        <tbody>
                            {learned.map((one) => (
                                <chakra.tr key={one.key} borderBottomWidth="1px" verticalAlign="top">
                                    <td>
                                        {one.label}
                                        <Box color={one.taught === 'learned' ? 'kelp' : 'quiet'}>{one.says}</Box>
                                    </td>
                                    <chakra.td textAlign="right" fontFamily="figure" whiteSpace="nowrap">
                                        ×{figure(one.factor, 2)}
                                        <Box color="quiet">
                                            {figure(one.low, 2)} to {figure(one.high, 2)}
                                        </Box>
                                    </chakra.td>
                                </chakra.tr>
                            ))}
                        </tbody>
                    </chakra.table>
                    <chakra.p fontSize="sm" color="quiet">
                        Learned: the range is narrow, and such ranges held in simulated tanks. Learned only together:
                        what food brings and what all else takes up look alike in readings, so only their difference is
                        well known. Assumed: your readings hardly narrow it.
                    </chakra.p>
                    {parameters.map((parameter) => (
                        <div key={parameter.key}>
                            <chakra.h3 fontSize="sm" fontWeight="700">
                                {parameter.name}, {parameter.unit}: readings over the model
                            </chakra.h3>
                            <Residuals parameter={parameter} residuals={ledger.residuals ?? []} />
                        </div>
                    ))}
                </>
            )}
            <Link href={`/systems/${systemId}/assumptions`}>Every assumption, and how to set your own</Link>
            {(ledger.remarks ?? []).length > 0 && (
                <div>
                    <chakra.h2 fontSize="lg" mb="2">
                        What had to be assumed
                    </chakra.h2>
                    <FindingList findings={ledger.remarks ?? []} />
                </div>
            )}
        </Box>
    );
}
