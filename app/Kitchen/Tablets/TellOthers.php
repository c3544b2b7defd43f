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
        $database = DB::connection();
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $database->forgetRecordModificationState();
        $answer = $next($request);
        if ($answer->isSuccessful() && $database->hasModifiedRecords()) {
            Together::written("/{$request->path()}", self::tab($request));
        }

        return $answer;
    }

    private static function tab(Request $request): string
    {
        $tab = $request->header(self::TAB);

        return is_string($tab) ? substr($tab, 0, 26) : '';
    }
}
