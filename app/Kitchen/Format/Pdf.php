<?php

declare(strict_types=1);

namespace App\Kitchen\Format;

use Illuminate\Http\Response;

/** A document to look at and print, as an answer. */
final readonly class Pdf
{
    /** @param  string  $name  it is saved under, without its ending */
    public static function shown(string $pdf, string $name): Response
    {
        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}.pdf\"",
        ]);
    }
}
