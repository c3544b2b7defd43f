<?php

declare(strict_types=1);

namespace App\Route;

use App\Contract\ContractRequest;

final class WaysRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'ways';
    }
}
