import { Box, chakra } from '@chakra-ui/react';
import { figure } from '../lib/figures';
import { shopLength } from '../lib/shopLength';
import { StockSheet } from './drawing/StockSheet';
import { type Choices, type SectionView } from './types';

/** The sheets to buy, and how the pieces lie on them. */
export function StockSheets({ cuts, length }: { cuts: NonNullable<SectionView['cuts']>; length: Choices['length'] }) {
    const mm = (value: number) => shopLength(value, length.unit);
    return (
        <Box display="grid" gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '1fr 1fr' }} gap="5">
            {cuts.stock.map((use, i) => (
                <section key={i}>
                    <chakra.h3 fontSize="sm" fontWeight="700">
                        {use.label}
                        {use.thicknessMm > 0 && `, ${mm(use.thicknessMm)} ${length.unit}`}
                    </chakra.h3>
                    <Box fontSize="sm" color="quiet" mb="1">
                        {use.sheetsNeeded} {use.sheetsNeeded === 1 ? 'sheet' : 'sheets'} of {mm(use.lengthMm)} by{' '}
                        {mm(use.widthMm)} {length.unit}
                        {use.perSheet !== null && `, ${use.perSheet} from each`}
                        {use.sheetsNeeded > 0 && `; ${figure(100 * use.usedShare, 0)} % used`}
                    </Box>
                    <Box display="grid" gap="3">
                        {use.sheets.map((sheet, j) => (
                            <StockSheet key={j} use={use} sheet={sheet} length={length} />
                        ))}
                    </Box>
                </section>
            ))}
        </Box>
    );
}
