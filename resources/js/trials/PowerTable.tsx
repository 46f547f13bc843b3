import { Box, chakra } from '@chakra-ui/react';
import { ColumnHeads } from '../parts/ColumnHeads';
import { PowerCurve } from './PowerCurve';
import { type Power, type ReadPower } from './types';

/** The smallest difference that the plan can show, and what more units, weeks or a finer kit would give. */
export function PowerTable({ power }: { power: Power }) {
    return (
        <>
            {power.reads.length > 0 && !power.may && (
                <chakra.p color="caution">
                    One unit per arm shows nothing, so there will be no verdict. Plan two or more.
                </chakra.p>
            )}
            {power.reads.map((read) => (
                <Box key={read.label}>
                    <Options read={read} />
                    <PowerCurve curve={read.curve} label={read.label} />
                </Box>
            ))}
        </>
    );
}

function Options({ read }: { read: ReadPower }) {
    return (
        <chakra.table fontSize="sm" maxWidth="30rem" width="100%">
            <chakra.caption captionSide="top" textAlign="left" color="quiet">
                {`${read.label}: smallest difference that 4 of 5 such trials show`}
            </chakra.caption>
            <ColumnHeads names={['Plan', 'At the end', 'Per week']} />
            <tbody>
                {read.options.map(({ what, smallest, perWeek }) => (
                    <chakra.tr key={what} borderBottomWidth="1px">
                        <chakra.th scope="row" textAlign="left" fontWeight="400" py="1">
                            {what}
                        </chakra.th>
                        {[smallest, perWeek].map((one, n) => (
                            <chakra.td key={n} textAlign="right" fontFamily="figure" whiteSpace="nowrap" pl="3">
                                {one}
                            </chakra.td>
                        ))}
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}
