<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\ContractRequest;

final class SettingRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'setting';
    }
}
