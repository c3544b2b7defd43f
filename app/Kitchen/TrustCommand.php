<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Console\Command;
use TCPDF2DBarcode;

/**
 * The page a tablet opens first, over plain HTTP: a code to open it with, and three steps that make it trust the
 * house's own authority.
 */
final class TrustCommand extends Command
{
    protected $signature = 'sectum:trust
        {kitchen : address of the kitchen, over HTTPS}
        {here : address of this page, over HTTP}';

    protected $description = 'Writes the page that puts a tablet’s trust in place, to be served beside the kitchen';

    public function handle(): int
    {
        [$kitchen, $here] = [$this->argument('kitchen'), $this->argument('here')];
        if (
            ! is_string($kitchen) ||
            ! is_string($here) ||
            ! str_starts_with($kitchen, 'https://') ||
            ! str_starts_with($here, 'http://')
        ) {
            $this->error('The kitchen is opened over https, this page over http.');

            return self::FAILURE;
        }
        $code = new TCPDF2DBarcode($here, 'QRCODE,M');
        $this->output->write(view('trust', [
            'kitchen' => $kitchen,
            'here' => $here,
            'code' => preg_replace('/^.*?(?=<svg)/s', '', $code->getBarcodeSVGcode(7, 7, '#12202a')),
        ])->render());

        return self::SUCCESS;
    }
}
