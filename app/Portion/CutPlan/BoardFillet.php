<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Fish\Piece;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Fish\Part;
use Sectum\Portion\Zones\TakenOff;

/**
 * A fillet as it was laid on the board: its size, how it is cut, and for which dishes.
 *
 * @property string $piece_id
 * @property string $fish_id
 * @property float $length_cm
 * @property float $thickness_mm greatest
 * @property bool $measured whether somebody laid a ruler beside it; else both are guessed from its mass
 * @property string $shape
 * @property int $square_mg squared off the head end
 * @property float $tail_mm where the tail is cut off, 0 for nowhere
 * @property string $school "exact", "fit" or "share"
 * @property bool $aimed whether the cuts allow for the cutter's scatter
 * @property bool $guess_first whether the cutter says the weight before the scale does
 * @property TakenOff $belly when its belly comes off
 * @property list<array{cm: float|int, mm: float|int}> $thick_at where somebody measured its thickness
 * @property list<array{dish: string, max: int|null}> $kinds
 * @property list<float> $marks_cm the cutter's own marks; empty to cut where the planner says
 * @property int $version
 * @property string $laid_by
 * @property string $laid_at
 */
final class BoardFillet extends Record
{
    /** Fillets looked back over for the shape that was last taken: some months of a busy house. */
    private const LOOKED_BACK = 2000;

    protected $table = 'boards';

    protected $primaryKey = 'piece_id';

    /** As a new one is, until it is read back. */
    protected $attributes = ['belly' => 'on', 'thick_at' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'measured' => 'boolean',
            'belly' => TakenOff::class,
            'aimed' => 'boolean',
            'guess_first' => 'boolean',
            'thick_at' => 'array',
            'kinds' => 'array',
            'marks_cm' => 'array',
            'length_cm' => 'float',
            'thickness_mm' => 'float',
            'tail_mm' => 'float',
        ];
    }

    /** How a fillet was laid on the board; null when it was not. All of a fish are asked for at once. */
    public static function under(Piece $fillet): ?self
    {
        return Remembered::of(
            "boards:{$fillet->fish_id}",
            ['boards'],
            fn (): Collection => self::query()
                ->where('fish_id', $fillet->fish_id)
                ->get()
                ->keyBy(fn (self $one): string => $one->piece_id),
        )->get($fillet->id);
    }

    /**
     * Asks for the boards of many fish at once.
     *
     * @param  list<string>  $fish
     */
    public static function underAll(array $fish): void
    {
        $found = self::query()->whereIn('fish_id', $fish)->get()->groupBy('fish_id');
        foreach ($fish as $one) {
            Remembered::put(
                "boards:{$one}",
                ['boards'],
                ($found->get($one) ?? new Collection())->keyBy(fn (self $board): string => $board->piece_id),
            );
        }
    }

    /**
     * The shape this house took last for the same part of the same kind of fish; null when it cut none by marks lately.
     */
    public static function lastShape(string $species, Part $part): ?string
    {
        $last = Remembered::of('last shapes', ['boards', 'pieces', 'fish'], function (): array {
            $boards = self::rows()
                ->join('pieces', 'pieces.id', '=', 'boards.piece_id')
                ->join('fish', 'fish.id', '=', 'boards.fish_id')
                ->orderByDesc('boards.laid_at')
                ->limit(self::LOOKED_BACK)
                ->get(['boards.shape', 'pieces.part', 'fish.species_id']);
            $shapes = [];
            foreach (Row::all($boards) as $board) {
                $shapes["{$board->text('species_id')} {$board->text('part')}"] ??= $board->text('shape');
            }

            return $shapes;
        });

        return $last["{$species} {$part->value}"] ?? null;
    }
}
