<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\CsvFile;
use App\Http\Pages\StockView;
use App\Http\Pages\SystemFrame;
use App\Http\Requests\SupplyRequest;
use App\Journal\SupplyLevels;
use App\Models\Supply;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;
use Ithys\Care\Stock\Move;
use Ithys\Journal\Table\FormulaGuard;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The stock of a household: what there is, what the journals use, what to order. */
final class StockController extends Controller
{
    private const COLUMNS = ['item', 'what', 'size', 'order by', 'packs', 'cost', 'currency', 'left', 'unit', 'place'];

    public function show(Request $request, System $system): Response
    {
        $keeper = $this->keeper($request);

        return Inertia::render('Care/Stock', [
            'frame' => SystemFrame::of($system, $keeper->words()),
            'stock' => StockView::of($keeper, now()->toDateTimeImmutable()),
        ]);
    }

    /** What is to be ordered, as CSV. */
    public function orders(Request $request): StreamedResponse
    {
        $keeper = $this->keeper($request);
        $orders = StockView::orders($keeper, now()->toDateTimeImmutable());
        $zone = $keeper->zone();

        return response()->streamDownload(static function () use ($orders, $keeper, $zone): void {
            $to = fopen('php://output', 'wb') ?: throw new \RuntimeException('No output.');
            CsvFile::line($to, self::COLUMNS);
            foreach ($orders as $one) {
                $text = static fn (mixed $typed): string => FormulaGuard::on(is_scalar($typed) ? (string) $typed : '');
                CsvFile::line($to, [
                    $text($one['name']), $text($one['what']), $text($one['size']),
                    is_int($one['orderBy'])
                        ? now()->setTimestamp($one['orderBy'])->setTimezone($zone)->format('Y-m-d')
                        : '',
                    $text($one['packs']), $text($one['cost']), $text($keeper->currency), $text($one['left']),
                    $text($one['unit']), $text($one['place']),
                ]);
            }
            fclose($to);
        }, 'ithys-orders.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    public function store(SupplyRequest $request, System $system): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $item = $request->item();
        $tanks = $request->tanks($keeper);
        $count = $request->amount(now()->toDateTimeImmutable(), Move::COUNTED);
        DB::transaction(static function () use ($item, $tanks, $count, $keeper): void {
            $supply = Supply::query()->create($item);
            $supply->systems()->sync($tanks);
            self::move($supply, $count, $keeper);
            $supply->setPrices();
        });

        return redirect()->route('stock.show', $system)->with('flash', ['message' => "In the stock: {$item['name']}."]);
    }

    public function update(SupplyRequest $request, System $system, int $supply): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $found = $this->planned($keeper, $supply);
        $item = $request->item();
        $tanks = $request->tanks($keeper);
        DB::transaction(static function () use ($found, $item, $tanks): void {
            $found->update($item);
            $found->systems()->sync($tanks);
            $found->load('systems')->setPrices();
        });

        return redirect()->route('stock.show', $system)->with('flash', ['message' => "Changed: {$item['name']}."]);
    }

    /** Counted, bought or thrown away. */
    public function record(SupplyRequest $request, System $system, int $supply, string $what): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $found = SupplyLevels::shared($keeper)->find($supply) ?? abort(404);
        abort_unless($found->systems->contains(static fn (System $one): bool => $keeper->can('journal', $one)), 404);
        $move = $request->amount(now()->toDateTimeImmutable(), $what);
        self::move($found, $move, $keeper);

        return redirect()->route('stock.show', $system)->with('flash', ['message' => match ($what) {
            Move::COUNTED => "Counted: {$found->name}.",
            Move::BOUGHT => "Bought: {$found->name}.",
            default => "Thrown away: {$found->name}.",
        }]);
    }

    public function destroy(Request $request, System $system, int $supply): RedirectResponse
    {
        $found = $this->planned($this->keeper($request), $supply);
        $found->delete();

        return redirect()->route('stock.show', $system)->with('flash', [
            'message' => "In the bin: {$found->name}.",
            'undo' => route('stock.restore', [$system, $found->id]),
        ]);
    }

    public function restore(Request $request, System $system, int $supply): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $found = Supply::onlyTrashed()->with('systems')->findOrFail($supply);
        abort_unless($found->systems->every(static fn (System $one): bool => $keeper->can('design', $one)), 404);
        $found->restore();

        return redirect()->route('stock.show', $system)->with('flash', ['message' => "Back: {$found->name}."]);
    }

    private function planned(User $keeper, int $supply): Supply
    {
        $found = SupplyLevels::shared($keeper)->find($supply) ?? abort(404);
        abort_unless($found->systems->every(static fn (System $one): bool => $keeper->can('design', $one)), 404);

        return $found;
    }

    private static function move(Supply $supply, Move $move, User $by): void
    {
        $supply->moves()->create([
            'user_id' => $by->id,
            'at' => $move->at,
            'what' => $move->what,
            'amount' => $move->amount,
        ]);
    }
}
