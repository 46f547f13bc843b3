import { Box, Input, chakra } from '@chakra-ui/react';
import { ColumnHeads } from '../../parts/ColumnHeads';
import { type BuildChoices, type BuildView, type TypedBuild } from './types';

/** Where each baffle really stands, at its four corners, against the plan. */
export function Measures({
    baffles,
    measured,
    choices,
    problems,
    onChange,
}: {
    baffles: BuildView['baffles'];
    measured: TypedBuild['measured'];
    choices: BuildChoices;
    problems: Record<string, string>;
    onChange: (measured: TypedBuild['measured']) => void;
}) {
    const headings = [
        'baffle',
        'planned',
        ...choices.corners.map(([, name]) => name),
        'off square',
        'leans',
        'off plan',
    ];
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Measured places of the baffles">
            <chakra.table
                fontSize="sm"
                minW="820px"
                width="100%"
                css={{
                    '@media print': {
                        minWidth: 0,
                        fontSize: '8.5pt',
                        '& input': { minWidth: 0, width: '100%', px: 1 },
                    },
                }}
            >
                <chakra.caption srOnly>
                    From the inner face of the inlet wall to the near face of each baffle, in {choices.unit}
                </chakra.caption>
                <ColumnHeads names={headings} />
                <tbody>
                    {baffles.map((baffle, i) => {
                        const own = measured[baffle.id] ?? {};
                        return (
                            <chakra.tr key={baffle.id} borderTopWidth="1px">
                                <chakra.th scope="row" textAlign="left" py="1" fontWeight="600">
                                    {i + 1}. {baffle.label}
                                </chakra.th>
                                <chakra.td textAlign="right" fontFamily="figure" pl="3" whiteSpace="nowrap">
                                    {baffle.planned}
                                </chakra.td>
                                {choices.corners.map(([corner, name]) => {
                                    const problem = problems[`measured.${baffle.id}.${corner}`];
                                    return (
                                        <chakra.td key={corner} pl="3" py="1" verticalAlign="top">
                                            <Input
                                                aria-label={`Baffle ${i + 1}, ${name}`}
                                                aria-invalid={problem !== undefined}
                                                inputMode="decimal"
                                                textAlign="right"
                                                minW="76px"
                                                value={own[corner] ?? ''}
                                                maxLength={40}
                                                onChange={(event) =>
                                                    onChange({
                                                        ...measured,
                                                        [baffle.id]: { ...own, [corner]: event.target.value },
                                                    })
                                                }
                                            />
                                            {problem !== undefined && (
                                                <Box color="fault" fontSize="xs" role="alert">
                                                    {problem}
                                                </Box>
                                            )}
                                        </chakra.td>
                                    );
                                })}
                                {[baffle.outOfSquare, baffle.leaning, baffle.offPlan].map((value, j) => (
                                    <chakra.td key={j} textAlign="right" fontFamily="figure" pl="3" whiteSpace="nowrap">
                                        {value ?? ''}
                                    </chakra.td>
                                ))}
                            </chakra.tr>
                        );
                    })}
                </tbody>
            </chakra.table>
        </Box>
    );
}
