<?php

declare(strict_types=1);

namespace App\Route;

use App\Contract\ContractRequest;

final class TakeOutRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'take-out';
    }
}
