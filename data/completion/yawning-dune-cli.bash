# Completion for yawning-dune-cli(1) in bash.
_yawning_dune_cli() {
    local cur=${COMP_WORDS[COMP_CWORD]} prev=${COMP_WORDS[COMP_CWORD-1]}
    local study="--library --paper --approach --school --first --hardness --blending --black --ground --fixative --colour
        --highlights --progression --sticks --width-mm --height-mm --areas --values --layers --detail --goal --light --pin --bar
        --title --area-name --border-mm --evenings-min --series --hand --instead --family"
    local card="--out --format --page --stand-in --seed"
    if [ "$COMP_CWORD" -eq 1 ]; then
        COMPREPLY=($(compgen -W "plan convert difference film card read-card test-card read-test-card trial-card
            read-trial-card list inspect areas compare log photograph check --help --version" -- "$cur"))
        return
    fi
    case $prev in
        --detail) COMPREPLY=($(compgen -W "suggest usual fine" -- "$cur")); return ;;
        --approach) COMPREPLY=($(compgen -W "landscape animal hatched-figure portrait" -- "$cur")); return ;;
        --light) COMPREPLY=($(compgen -W "daylight65 daylight50 lamp led" -- "$cur")); return ;;
        --hand) COMPREPLY=($(compgen -W "right left" -- "$cur")); return ;;
        --from | --to) COMPREPLY=($(compgen -W "srgb xyz lab lch munsell-value" -- "$cur")); return ;;
        --formula) COMPREPLY=($(compgen -W "2000 76" -- "$cur")); return ;;
        --format) COMPREPLY=($(compgen -W "a4 letter" -- "$cur")); return ;;
        --beside) COMPREPLY=($(compgen -W "grey-card swatch-card" -- "$cur")); return ;;
        --bad-rows) COMPREPLY=($(compgen -W "refuse leave-out" -- "$cur")); return ;;
        compare) COMPREPLY=($(compgen -W "papers grounds approaches palettes gaps" -- "$cur")); return ;;
    esac
    if [[ $cur != -* ]]; then
        COMPREPLY=($(compgen -f -- "$cur"))
        compopt -o filenames 2> /dev/null
        return
    fi
    local options=""
    case ${COMP_WORDS[1]} in
        plan) options="--out --save --threads $study" ;;
        compare) options="--catalogue $study" ;;
        areas) options="--out $study" ;;
        convert) options="--from --to" ;;
        difference) options="--formula" ;;
        film) options="--paper --tooth --stroke --light --spread" ;;
        card) options="$card --rows --library --kelvin --tilt" ;;
        test-card | trial-card) options="$card $study" ;;
        read-test-card | read-trial-card) options="$study" ;;
        list) options="--out --kind --bad-rows" ;;
        log) options="--out" ;;
        photograph) options="--step --out --seed --fault --shift --beside" ;;
        check) options="--step" ;;
    esac
    COMPREPLY=($(compgen -W "$options" -- "$cur"))
}
complete -F _yawning_dune_cli yawning-dune-cli
