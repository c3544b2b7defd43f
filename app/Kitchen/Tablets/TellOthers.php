<?php

declare(strict_types=1);

namespace App\Kitchen\Tablets;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Whatever was written is told to the other tablets: its address, and nothing of what it said. */
final readonly class TellOthers
{
    /** By which a tab is known as long as it is open: what it wrote itself is no news to it. */
    public const TAB = 'X-Sectum-Tab';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe()) {
            DB::connection()->forgetRecordModificationState();
        }

        return $next($request);
    }

    /** Once whoever wrote it has the answer: they need not wait until the others are told. */
    public function terminate(Request $request, Response $answer): void
    {
        if (! $request->isMethodSafe() && $answer->isSuccessful() && DB::connection()->hasModifiedRecords()) {
            Together::written("/{$request->path()}", self::tab($request));
        }
    }

    private static function tab(Request $request): string
    {
        $tab = $request->header(self::TAB);

        return is_string($tab) ? substr($tab, 0, 26) : '';
    }
}
