<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\ProblemDocument;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Sectum\Refusal;
use Throwable;

/** Works out what was asked for, beside the page. */
final class ComputeJob implements ShouldQueue
{
    use Queueable;

    public int $timeout = 120;

    public int $tries = 2;

    public function __construct(private readonly string $id)
    {
    }

    public function handle(Registry $registry): void
    {
        $asked = Computed::query()->find($this->id);
        if ($asked === null || in_array($asked->state, [Computed::DONE, Computed::REFUSED], true)) {
            return;
        }
        $asked->update(['state' => Computed::COMPUTING]);
        try {
            $answer = $registry->compute($asked->name, $asked->request, function (float $done) use ($asked): void {
                $asked->update(['progress_pct' => (int) floor(99 * min(1.0, max(0.0, $done)))]);
            });
            $asked->update([
                'state' => Computed::DONE,
                'progress_pct' => 100,
                'answer' => json_encode($answer, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            ]);
        } catch (Fault|Refusal $e) {
            $asked->update([
                'state' => Computed::REFUSED,
                'answer' => json_encode(
                    ProblemDocument::of($e)->members(),
                    JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
                ),
            ]);
        }
    }

    /** A worker that was ended in the middle of it twice says so, rather than leaving somebody to wait for ever. */
    public function failed(?Throwable $e): void
    {
        Computed::query()
            ->whereKey($this->id)
            ->update([
                'state' => Computed::REFUSED,
                'answer' => json_encode(
                    ProblemDocument::of(
                        Fault::away('It could not be worked out in time. Ask for less at once.'),
                    )->members(),
                    JSON_THROW_ON_ERROR,
                ),
            ]);
    }
}
