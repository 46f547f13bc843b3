import { Box, chakra } from '@chakra-ui/react';
import { figure } from '../lib/figures';
import { type Account } from './types';

/** What a charge could hold, what it removed and what the water shows, with why these differ. */
export function AccountTable({ account, brief = false }: { account: Account; brief?: boolean }) {
    const range = ([likely, low, high]: [number, number, number]) =>
        `${figure(likely, 0)} (${figure(low, 0)} to ${figure(high, 0)})`;
    const rows: [string, string, string][] = [
        ['Room', figure(account.room, 0), 'what it could hold at this level'],
        ['Removed', range(account.gross), 'what the charge took up'],
        [
            'Water lost',
            account.net === null ? 'not clear yet' : range(account.net),
            'what your readings show, with 95 % interval',
        ],
        ['Expected', figure(account.expected, 0), 'what the usual figures say it took up'],
    ];
    return (
        <Box my="2">
            <chakra.table fontSize="sm" css={{ '& td, & th': { paddingRight: '14px', verticalAlign: 'top' } }}>
                <chakra.caption srOnly>What the charge did, mg of {account.of}</chakra.caption>
                <tbody>
                    {rows.map(([name, value, means]) => (
                        <tr key={name}>
                            <chakra.th scope="row" textAlign="left" fontWeight="500">
                                {name} (mg)
                            </chakra.th>
                            <chakra.td fontVariantNumeric="tabular-nums">{value}</chakra.td>
                            {!brief && (
                                <chakra.td color="quiet" display={{ base: 'none', md: 'table-cell' }}>
                                    {means}
                                </chakra.td>
                            )}
                        </tr>
                    ))}
                </tbody>
            </chakra.table>
            <chakra.p fontSize="sm" maxWidth="46rem" mt="1">
                {account.why}
            </chakra.p>
        </Box>
    );
}
