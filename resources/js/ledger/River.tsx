import { useToken } from '@chakra-ui/react';
import { figure } from '../lib/figures';
import { type Parameter } from '../lib/page';
import { SvgText } from '../parts/SvgText';
import { tone } from '../tide/parameters';
import { type ElementLedger, type LedgerLine } from './types';

const TOP = 26;
/** The tallest the stream is drawn. */
const DEEP = 150;
/** Between two labels. */
const APART = 30;
/** Share of the stream that is drawn at the least. */
const LEAST = 0.004;

interface Arm {
    line: LedgerLine;
    /** Its share of the stream. */
    from: number;
    to: number;
    /** Where its label stands. */
    y: number;
}

/** Lines side by side as deep as they are large, with their labels no closer than can be read. */
export function arms(lines: LedgerLine[], scale: number): Arm[] {
    let from = TOP;
    let y = TOP - APART / 2;
    return lines.map((line) => {
        const to = from + Math.abs(line.mg) * scale;
        y = Math.max((from + to) / 2, y + APART);
        const arm = { line, from, to, y };
        from = to;
        return arm;
    });
}

/**
 * One element as a river: what comes in on the left, each way out on the right, what the stores between took up or gave.
 * Solid where it was logged or weighed, pale where the model says it, dashed where nobody knows.
 */
export function River({ ledger, parameter, width }: { ledger: ElementLedger; parameter: Parameter; width: number }) {
    const [colour, ink, quiet, caution] = useToken('colors', [tone(parameter), 'ink', 'quiet', 'caution']) as [
        string,
        string,
        string,
        string,
    ];
    const { unexplained } = ledger;
    const stream = ledger.in.reduce((all, { mg }) => all + mg, 0);
    // What no eye would see stands in the table alone.
    const bySize = (lines: LedgerLine[]) =>
        lines.filter(({ mg }) => Math.abs(mg) >= LEAST * stream).sort((a, b) => Math.abs(b.mg) - Math.abs(a.mg));
    // What a store gave came in from it; what it took went into it. What nobody knows goes either way.
    const left = [
        ...bySize(ledger.in),
        ...bySize(ledger.stores.filter(({ mg }) => mg < 0)),
        ...(unexplained !== null && unexplained.mg > 0 ? [unexplained] : []),
    ];
    const right = [
        ...bySize(ledger.out),
        ...bySize(ledger.stores.filter(({ mg }) => mg > 0)),
        ...(unexplained !== null && unexplained.mg < 0 ? [unexplained] : []),
    ];
    const sum = (lines: LedgerLine[]) => lines.reduce((all, { mg }) => all + Math.abs(mg), 0);
    const scale = DEEP / Math.max(1e-9, sum(left), sum(right));
    const [ins, outs] = [arms(left, scale), arms(right, scale)];
    const last = (all: Arm[]) => Math.max(all[all.length - 1]?.to ?? 0, (all[all.length - 1]?.y ?? 0) + APART / 2);
    const height = Math.max(last(ins), last(outs)) + 14;
    const label = Math.min(230, width * 0.27);
    const trunk: [number, number] = [width * 0.42, width * 0.52];
    const store = (line: LedgerLine) => ledger.stores.includes(line);

    const band = ({ from, to, y }: Arm, near: number, far: number) => {
        const half = Math.max(0.6, (to - from) / 2);
        const middle = (near + far) / 2;
        return `M${near} ${from}C${middle} ${from} ${middle} ${y - half} ${far} ${y - half}V${y + half}C${middle} ${y + half} ${middle} ${to} ${near} ${to}Z`;
    };
    const draw = (arm: Arm, isLeft: boolean) => {
        const { line, y } = arm;
        const near = isLeft ? trunk[0] : trunk[1];
        const far = isLeft ? label : width - label;
        const unknown = line.origin === 'unexplained';
        const text = isLeft ? label - 8 : width - label + 8;
        return (
            <g key={line.key}>
                <title>
                    {`${line.label}: ${figure(Math.abs(line.mg))} mg a week, ${figure(Math.abs(line.ppm))} ppm a week, ${line.origin}`}
                </title>
                <path
                    d={band(arm, near, far)}
                    fill={unknown ? 'none' : colour}
                    fillOpacity={line.origin === 'logged' ? 0.62 : store(line) ? 0.14 : 0.3}
                    stroke={unknown ? caution : colour}
                    strokeWidth={unknown ? 1.4 : 0.8}
                    strokeDasharray={unknown ? '5 4' : store(line) ? '1 2.5' : undefined}
                />
                <SvgText x={text} y={y - 1} anchor={isLeft ? 'end' : 'start'} size={12.5} halo>
                    {line.label}
                </SvgText>
                <SvgText x={text} y={y + 12} anchor={isLeft ? 'end' : 'start'} size={11.5} colour="quiet" figures halo>
                    {`${figure(Math.abs(line.mg))} mg · ${figure(Math.abs(line.ppm))} ppm`}
                </SvgText>
            </g>
        );
    };
    return (
        <svg
            width={width}
            height={height}
            role="img"
            aria-label={`${ledger.name}: what came in and where it went, mg a week. The table below holds the same.`}
            style={{ display: 'block' }}
        >
            <SvgText x={label - 8} y={12} anchor="end" size={12} bold colour="quiet">
                in, a week
            </SvgText>
            <SvgText x={width - label + 8} y={12} size={12} bold colour="quiet">
                out, a week
            </SvgText>
            <rect x={trunk[0]} y={TOP} width={trunk[1] - trunk[0]} height={DEEP} fill={colour} fillOpacity={0.2} />
            <path d={`M${trunk[0]} ${TOP}H${trunk[1]}M${trunk[0]} ${TOP + DEEP}H${trunk[1]}`} stroke={ink} />
            <SvgText x={(trunk[0] + trunk[1]) / 2} y={TOP + DEEP / 2 + 4} anchor="middle" size={13} bold>
                {ledger.name}
            </SvgText>
            {ins.map((arm) => draw(arm, true))}
            {outs.map((arm) => draw(arm, false))}
            <path d={`M0 ${height - 1}H${width}`} stroke={quiet} strokeOpacity={0.35} />
        </svg>
    );
}
