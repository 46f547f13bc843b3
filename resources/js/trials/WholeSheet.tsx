import { Box, chakra } from '@chakra-ui/react';
import { type Trial } from './types';

/** All readings of a parameter, day by unit; printed with its empty cells, as a sheet to fill by hand. */
export function WholeSheet({ trial, read: at }: { trial: Trial; read: number }) {
    const read = trial.reads[at];
    if (read === undefined) {
        return null;
    }
    return (
        <Box
            mt="4"
            maxH="22rem"
            overflow="auto"
            role="region"
            aria-label={`Sheet of ${read.label}`}
            tabIndex={0}
            _print={{ maxHeight: 'none', overflow: 'visible' }}
        >
            <chakra.table fontSize="sm">
                <chakra.caption captionSide="top" textAlign="left" fontWeight="700">
                    {`${read.label} (${read.unit}), day by unit`}
                </chakra.caption>
                <thead>
                    <tr>
                        {['Day', ...trial.units.map(({ unit }) => unit)].map((head) => (
                            <chakra.th
                                key={head}
                                scope="col"
                                textAlign="right"
                                px="2"
                                position="sticky"
                                top="0"
                                bg="paper"
                                borderBottomWidth="1px"
                            >
                                {head}
                            </chakra.th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {trial.days.map((day) => (
                        <chakra.tr key={day} borderBottomWidth="1px">
                            <chakra.th scope="row" textAlign="right" px="2" fontFamily="figure" fontWeight="400">
                                {day}
                            </chakra.th>
                            {trial.units.map(({ unit, sheet }) => {
                                const cell = sheet[at]?.cells[day] ?? '';
                                return (
                                    <chakra.td
                                        key={unit}
                                        textAlign="right"
                                        px="2"
                                        py="0.5"
                                        minW="3.2rem"
                                        fontFamily="figure"
                                        borderLeftWidth="1px"
                                        title={cell}
                                    >
                                        {cell.startsWith('missing') ? 'missing' : cell}
                                    </chakra.td>
                                );
                            })}
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
        </Box>
    );
}
